/* Statistics by a general-purpose package, for StatisticsTest.php: a line of JSON is asked, a line of JSON is answered. */

import { readFileSync } from 'node:fs';
import jstat from 'jstat';

const { jStat } = jstat;
const asked = JSON.parse(readFileSync(0, 'utf8'));

const bothSides = (t, freedom) => 2 * jStat.studentt.cdf(-Math.abs(t), freedom);

function welch([one, other]) {
  const errors = [one, other].map((of) => jStat.variance(of, true) / of.length);
  const t = (jStat.mean(one) - jStat.mean(other)) / Math.sqrt(jStat.sum(errors));
  const freedom =
    jStat.sum(errors) ** 2 / (errors[0] ** 2 / (one.length - 1) + errors[1] ** 2 / (other.length - 1));
  return { t, freedom, chance: bothSides(t, freedom) };
}

/* A control chart written down once more, from the words of the handbook and by other means: windows over standardised means. */
function chart({ subgroups, a2, d3, d4 }) {
  const means = subgroups.map((of) => jStat.mean(of));
  const ranges = subgroups.map((of) => jStat.range(of));
  const centre = jStat.mean(means.slice(0, 20));
  const range = jStat.mean(ranges.slice(0, 20));
  const scores = means.map((mean) => (mean - centre) / ((a2 * range) / 3));
  const window = (at, of) => scores.slice(Math.max(0, at - of + 1), at + 1);
  const many = (at, of, need, beyond) =>
    [1, -1].some((side) => {
      const isBeyond = (score) => side * score > beyond;
      return isBeyond(scores[at]) && window(at, of).filter(isBeyond).length >= need;
    });
  return {
    centre,
    range,
    fired: scores.map((_, at) =>
      [
        many(at, 1, 1, 3) && 'beyond-3',
        many(at, 3, 2, 2) && 'two-of-three',
        many(at, 5, 4, 1) && 'four-of-five',
        many(at, 8, 8, 0) && 'eight',
        (ranges[at] > d4 * range || ranges[at] < d3 * range) && 'range',
      ].filter(Boolean),
    ),
  };
}

const answers = {
  bothSides: (of) => bothSides(...of),
  welch,
  spread: (of) => ({ mean: jStat.mean(of), deviation: jStat.stdev(of, true) }),
  chart,
};
process.stdout.write(JSON.stringify(asked.map(([what, of]) => answers[what](of))));
