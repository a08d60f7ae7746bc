// Who shares a dish with whom: so that each can have his own rungs to reach, the worst served first.
import { teamsOf, type Mode } from '../model';

/** A learner and the steps at which he has a rung to reach, as far as he may do them. */
export type Sharing = { id: string; wants: ReadonlySet<string> };

/** How many of each one's rungs a team can serve: a step is done once, by one of them. Whoever has least is served first. */
function servedIn(team: readonly Sharing[]): Map<string, number> {
  const served = new Map(team.map((l) => [l.id, 0]));
  const steps = new Set(team.flatMap((l) => [...l.wants]));
  // steps that fewer want go first: they cannot be given to another
  const wanting = [...steps].map((key) => team.filter((l) => l.wants.has(key))).sort((a, b) => a.length - b.length);
  for (const list of wanting) {
    const least = list.reduce((a, b) => (served.get(b.id)! / b.wants.size < served.get(a.id)! / a.wants.size ? b : a));
    served.set(least.id, served.get(least.id)! + 1);
  }
  return served;
}

function worthOf(teams: readonly (readonly Sharing[])[]): number {
  let sum = 0;
  let worst = 1;
  for (const team of teams)
    for (const [id, n] of servedIn(team)) {
      const { wants } = team.find((l) => l.id === id)!;
      sum += n;
      if (wants.size > 0) worst = Math.min(worst, n / wants.size);
    }
  // the worst served outweighs any sum
  return worst * 1000 + sum;
}

/**
 * Teams for a dish in this mode: the ones in the order given, then bettered by swapping two learners as long as that serves more rungs.
 * @returns ids, team by team
 */
export function groupsFor(learners: readonly Sharing[], mode: Mode): string[][] {
  const numbers = teamsOf(mode, learners.length);
  const teams = [...new Set(numbers)].map((t) => learners.filter((_, i) => numbers[i] === t));
  let now = worthOf(teams);
  for (let better = true; better;) {
    better = false;
    for (let a = 0; a < teams.length; a++)
      for (let b = a + 1; b < teams.length; b++)
        for (let i = 0; i < teams[a]!.length; i++)
          for (let k = 0; k < teams[b]!.length; k++) {
            const swap = () => ([teams[a]![i], teams[b]![k]] = [teams[b]![k]!, teams[a]![i]!]);
            swap();
            const worth = worthOf(teams);
            if (worth > now + 1e-9) {
              now = worth;
              better = true;
            } else swap();
          }
  }
  return teams.map((team) => team.map((l) => l.id));
}
