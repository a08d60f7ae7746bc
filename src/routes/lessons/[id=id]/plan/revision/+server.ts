export { GET } from '../../revision/+server';
