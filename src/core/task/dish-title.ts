// What a dish is called on a card.
/** The dish in a few words, for "Serve the ...". */
export function shortTitle(title: string): string {
  // "Easy read: porridge", "Ms. K's Snack Lab: cheesy twists": the dish stands behind
  const words = title
    .replace(
      /^(?:\S+(?:\s\S+)?|[^:]*(?:['’]s|\b(?:lab|kitchen|class|club|corner|lesson|recipe|worksheet|sheet|task|activity))\b[^:]*):\s+(?=\S)/i,
      '',
    )
    .replace(/\s*&\s*/g, ' and ')
    .replace(
      /^(?:how to (?:make|cook)|(?:(?:today,? )?(?:we are|we['’]re|i am|i['’]m) )?making|let['’]?s (?:make|cook|bake)|quick|easy|simple|my|our|the best|(?:mum|mom|mam|nan|nana|gran|granny|grandma|grandpa|dad|auntie|aunt|uncle|teacher|class)['’]s|\d+[- ](?:step|min(?:ute)?|hour|ingredient)s?)\s+/i,
      '',
    )
    // "Cooking skills - potato wedges": the sheet, then the dish
    .replace(
      /^[^:–—-]*\b(?:skills|lesson|class|worksheet|recipe|unit|week|lab|session|workshop|group|club|kitchen|activity|task|term)\b[^:–—-]*\s[-–—]\s+(?=\S)/i,
      '',
    )
    .split(/[,(:]|\s[-–—]\s|\b(?:for|with|on)\b|\bw\/|(?<=\S\s\S+\s)in\b/i)[0]!
    .split(/\s+/)
    .slice(-6)
    .join(' ')
    .toLowerCase()
    .replace(/[^\p{L} '-]/gu, '');
  return words.replace(/^(?:and|of|with|in|or)\s+/, '').trim() || 'food';
}
