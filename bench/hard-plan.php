<?php

declare(strict_types=1);

/*
 * Writes a workbook whose plan is as hard as its size allows: 330 lines of contacts, each with an extractor code of its own that
 * three of 45 extractors reach, so that the plan is the covering of a Steiner triple system, for which branch and bound has
 * nothing to hold on to (D. R. Fulkerson, G. L. Nemhauser and L. E. Trotter, Two computationally difficult set covering
 * problems, 1974; the system here is the product of that of the points of a projective space with that of three points).
 *
 * php bench/hard-plan.php > hard.json
 */

const POINTS = 15;
const COPIES = 3;

/** Lines of the projective space over two elements: three points whose figures cancel out. */
$blocks = [];
for ($one = 1; $one <= POINTS; $one++) {
    for ($two = $one + 1; $two <= POINTS; $two++) {
        if (($one ^ $two) > $two) {
            $blocks[] = [$one, $two, $one ^ $two];
        }
    }
}
$of = static fn(int $point, int $copy): int => ($point - 1) * COPIES + $copy;
$triples = [];
for ($point = 1; $point <= POINTS; $point++) {
    $triples[] = array_map(static fn(int $copy): int => $of($point, $copy), range(0, COPIES - 1));
}
foreach ($blocks as [$one, $two, $three]) {
    for ($i = 0; $i < COPIES; $i++) {
        for ($j = 0; $j < COPIES; $j++) {
            $triples[] = [$of($one, $i), $of($two, $j), $of($three, (2 * ($i + $j)) % COPIES)];
        }
    }
}

$tool = static fn(string $id, string $kind, array $capability): array => ['id' => 'hard-' . $id, 'name' => 'Hard ' . $id, 'kind' => $kind, 'price' => 1000, 'massGrams' => 100, 'capabilities' => [$capability]];
$extractors = [];
for ($item = 0; $item < POINTS * COPIES; $item++) {
    $codes = array_keys(array_filter($triples, static fn(array $triple): bool => in_array($item, $triple, true)));
    $extractors[] = $tool('extractor-' . $item, 'extractor', ['op' => 'extract', 'codes' => array_map(static fn(int $row): string => 'row ' . $row, $codes)]);
}
$tools = [
    $tool('cutter', 'cutter', ['op' => 'cut', 'single' => '30-16 AWG', 'maxOd' => 5]),
    $tool('stripper', 'stripper', ['op' => 'strip', 'method' => 'self-adjusting', 'size' => '30-16 AWG', 'insulation' => ['pvc'], 'maxOd' => 5, 'stop' => ['min' => 1, 'max' => 20]]),
    $tool('crimper', 'crimper', ['op' => 'crimp', 'profile' => 'roll', 'control' => 'full-cycle', 'classes' => ['open-barrel'], 'nests' => [['label' => '1', 'size' => '28-22 AWG', 'insulationOd' => ['min' => 0.5, 'max' => 3]]]]),
];

echo json_encode([
    'gondrik' => 1,
    'wires' => [['id' => 'hard-26', 'name' => 'Hard 26 AWG', 'size' => '26 AWG', 'construction' => 'stranded', 'insulation' => 'pvc', 'insulationOd' => 1.2]],
    'terminals' => array_map(static fn(int $row): array => ['id' => 'hard-' . $row, 'name' => 'Hard contact ' . $row, 'class' => 'open-barrel', 'size' => '28-22 AWG', 'shape' => 'contact', 'strip' => ['nominal' => 3], 'extractCode' => 'row ' . $row], array_keys($triples)),
    'tools' => [...$tools, ...$extractors],
    'kits' => [['id' => 'hard', 'name' => 'Hard kit', 'tools' => array_map(static fn(array $of): array => ['tool' => $of['id']], $tools)]],
    'scopes' => [['id' => 'hard', 'name' => 'Hard work', 'lines' => array_map(static fn(int $row): array => ['id' => 'row-' . $row, 'wire' => 'hard-26', 'terminal' => 'hard-' . $row, 'quantity' => 1, 'housing' => true], array_keys($triples))]],
], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE) . "\n";
