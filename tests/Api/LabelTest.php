<?php

declare(strict_types=1);

use App\Models\Role;
use App\Print\LabelSheet;
use Symfony\Component\Process\Process;

/* Labels on paper, read back as a camera reads them: by ZBar (Debian's zbar-tools), which knows nothing of how they were drawn. */

/** @return list<string> what the codes of the first sheet say, in alphabetical order */
function codesOf(string $pdf): array
{
    $picture = new Process(['pdftoppm', '-r', '200', '-png', '-f', '1', '-l', '1', '-'], input: $pdf);
    $picture->mustRun();
    $read = new Process(['zbarimg', '--quiet', '--raw', '-'], input: $picture->getOutput());
    $read->mustRun();
    $codes = explode("\n", trim($read->getOutput()));
    sort($codes);

    return $codes;
}

it('prints a label for each thing, whose code says its tag', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $pdf = (string) $this->get('/api/v1/labels.pdf?tags=TQ-03,ST-04&skip=3')->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
    $text = pdfText($pdf);
    expect(codesOf($pdf))->toBe(['ST-04', 'TQ-03'])
        ->and($text)->toContain('TQ-03', 'Torque screwdriver');
    // The first three of the sheet are used: the fourth stands in the last column, and the fifth in the next row.
    $rows = array_values(array_filter(explode("\n", $text), static fn(string $line): bool => preg_match('~ST-04|TQ-03~', $line) === 1));
    expect($rows)->toHaveCount(2)
        ->and(mb_strpos($rows[0], 'ST-04'))->toBeGreaterThan(mb_strpos($rows[1], 'TQ-03'));
});

it('prints all of a shop on as many sheets as they take, and every code can be read', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $tags = array_column($this->getJson('/api/v1/wall')->json('things'), 'tag');
    $pdf = (string) $this->get('/api/v1/labels.pdf')->assertOk()->getContent();
    $sheets = explode("\f", rtrim(pdfText($pdf), "\f"));
    $first = array_slice($tags, 0, LabelSheet::LABELS);
    sort($first);
    expect($sheets)->toHaveCount((int) ceil(count($tags) / LabelSheet::LABELS))
        ->and(codesOf($pdf))->toBe($first)
        ->and(array_filter($tags, static fn(string $tag): bool => !str_contains(implode(' ', $sheets), $tag)))->toBe([]);
});

it('prints no more at once than it can, and says how many', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Lead));
    $have = count($this->getJson('/api/v1/wall')->json('things'));
    $more = LabelSheet::MOST + 1 - $have;
    $this->postJson('/api/v1/tables/assets/take', ['things' => array_map(static fn(int $at): array => ['thing' => ['id' => 'Z-' . $at, 'tool' => 'flush-cut'], 'version' => null], range(1, $more))])->assertOk();
    $refused = $this->getJson('/api/v1/labels.pdf')->assertUnprocessable();
    expect($refused->json('problems.0.expected'))->toBe('must name which: at most 500 labels are printed at once, the shop has 501 things');
});

it('names the tag that the shop does not have', function (): void {
    $this->actingAs(personOf($this->demo(), Role::Hand));
    $this->getJson('/api/v1/labels.pdf?tags=TQ-03,XX-99')->assertUnprocessable()->assertJsonPath('problems.0.value', 'XX-99');
    expect(array_map(fn(string $query): int => $this->getJson('/api/v1/labels.pdf?' . $query)->status(), ['tags=', 'skip=52', 'skip=-1', 'tags=TQ-03&skip=51']))->toBe([422, 422, 422, 200]);
});
