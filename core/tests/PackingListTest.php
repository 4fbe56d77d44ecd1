<?php

declare(strict_types=1);

use Gondrik\Bench\BenchWorkbook;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Planning\OneTool;
use Gondrik\Core\Planning\PackingList;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A small shop with weights, copies, tools that need others, backups and things to carry. */
function bagShop(int $seed): Workbook
{
    $random = new Randomizer(new Mt19937($seed));
    $document = BenchWorkbook::of(60, 60);
    $picked = array_map(static fn(int|string $at): \stdClass => $document->tools[$at], $random->pickArrayKeys($document->tools, 9));
    foreach ($picked as $at => $tool) {
        $tool->massGrams = $random->getInt(1, 6) * 100;
        $tool->kind = ['other', 'meter', 'other', 'eye-protection'][$random->getInt(0, 3)];
        if ($at > 0 && $random->getInt(0, 4) === 0) {
            $tool->requires = [$picked[$random->getInt(0, $at - 1)]->id];
        }
    }
    $document->tools = $picked;
    $document->houseRules = (object) ['trainedHands' => true, 'makeshiftCounts' => $seed % 2 === 0, 'carry' => ['meter', 'eye-protection'], ...$seed % 3 === 0 ? ['backupFor' => ['crimp', 'strip', 'cut']] : []];
    $document->kits[0]->tools = array_map(static fn(\stdClass $tool): \stdClass => (object) ['tool' => $tool->id, ...$random->getInt(0, 3) === 0 ? ['count' => 2] : []], $picked);
    $document->scopes[0]->lines = array_slice($document->scopes[0]->lines, 10 * ($seed % 3), 14);

    return (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
}

/** @param list<string>|null $tools ids of those that are along; null for all */
function bagReport(Workbook $shop, ?array $tools = null): Report
{
    $kit = $shop->kits[0];
    $gone = $tools === null ? [] : array_diff(array_map(static fn(Tool $tool): string => $tool->id, $shop->tools), $tools);

    return Coverage::of(KitAsItStands::onPaper($kit->without(...$gone)), $shop->scopes[0], $shop->rulesFor($shop->scopes[0]));
}

/** @return list<string> how each step stands, whether it is backed, and what is not carried */
function bagStanding(Report $report): array
{
    $standing = array_map(static fn(object $kind): string => $kind->value, $report->headline->carryMissing);
    foreach ($report->lines as $line) {
        foreach ($line->steps as $step) {
            $standing[] = $step->status->value . ($step->unbacked ? ' alone' : '');
        }
    }

    return $standing;
}

it('takes the fewest tools, and of these the lightest, that do all that the kit does: by trying every bag', function (int $seed): void {
    $shop = bagShop($seed);
    $whole = bagReport($shop);
    $list = PackingList::of($whole);
    $all = array_map(static fn(Tool $tool): string => $tool->id, $shop->tools);
    $mass = array_combine($all, array_map(static fn(Tool $tool): int => $tool->handling->massGrams ?? 0, $shop->tools));
    $best = null;
    foreach (range(0, 2 ** count($all) - 1) as $bits) {
        $bag = array_values(array_filter($all, static fn(int $at): bool => ($bits >> $at & 1) === 1, ARRAY_FILTER_USE_KEY));
        $worth = [count($bag), array_sum(array_intersect_key($mass, array_flip($bag)))];
        if (($best === null || $worth < $best) && bagStanding(bagReport($shop, $bag)) === bagStanding($whole)) {
            $best = $worth;
        }
    }
    $taken = array_map(static fn(Tool $tool): string => $tool->id, $list->take);

    expect([count($taken), $list->mass()])->toBe($best)
        ->and(bagStanding(bagReport($shop, $taken)))->toBe(bagStanding($whole))
        ->and($list->isProven)->toBeTrue()
        ->and([...$taken, ...array_map(static fn(Tool $tool): string => $tool->id, $list->leave)])->toEqualCanonicalizing($all);
})->with(range(1, 9));

it('is held against bags in which something stays at home, is doubled, and is needed by something else', function (): void {
    $seen = ['left' => 0, 'taken' => 0, 'backed' => 0, 'needed' => 0];
    foreach (range(1, 9) as $seed) {
        $shop = bagShop($seed);
        $list = PackingList::of(bagReport($shop));
        $seen['left'] += count($list->leave);
        $seen['taken'] += count($list->take);
        $seen['needed'] += count(array_filter($list->take, static fn(Tool $tool): bool => $tool->needs->requires !== []));
        $doubled = $shop->withHouseRules(null);
        $seen['backed'] += $seed % 3 === 0 && count(PackingList::of(bagReport($doubled))->take) < count($list->take) ? 1 : 0;
    }
    expect(min($seen))->toBeGreaterThan(0);
});

/** Some tools of the catalogue, with what they weigh, against a ring on 16 AWG. @param array<string, int> $tools g by id */
function ringBag(array $tools, array $carry = []): PackingList
{
    $document = json_decode((string) file_get_contents(__DIR__ . '/cases/catalogue.json'));
    foreach ($document->tools as $tool) {
        $tool->massGrams = $tools[$tool->id] ?? 1;
    }
    $document->tools = [...$document->tools, (object) ['id' => 'meter', 'name' => 'Meter', 'kind' => 'meter', 'massGrams' => 300, 'capabilities' => []], (object) ['id' => 'small-meter', 'name' => 'Small meter', 'kind' => 'meter', 'massGrams' => 120, 'capabilities' => []]];
    $document->houseRules = (object) ['carry' => $carry];
    $document->kits = [(object) ['id' => 'kit', 'name' => 'Kit', 'tools' => array_map(static fn(string $id): stdClass => (object) ['tool' => $id], array_keys($tools))]];
    $document->scopes = [(object) ['id' => 'scope', 'name' => 'Scope', 'lines' => [(object) ['id' => 'ring', 'wire' => '16-stranded', 'terminal' => 'ring-blue']]]];

    return PackingList::of(bagReport((new WorkbookCodec())->read((string) json_encode($document))));
}

it('takes the lightest of what is only carried, and none where the house wants none', function (): void {
    $kit = ['cut-diagonal' => 200, 'self-adjusting' => 200, 'oval' => 200, 'meter' => 300, 'small-meter' => 120];
    $take = static fn(PackingList $list): array => array_column($list->take, 'id');
    expect($take(ringBag($kit, ['meter'])))->toEqualCanonicalizing(['cut-diagonal', 'self-adjusting', 'oval', 'small-meter'])
        ->and($take(ringBag($kit)))->toEqualCanonicalizing(['cut-diagonal', 'self-adjusting', 'oval']);
});

it('takes no tool for what it cannot do without a part that is nowhere, however light it is', function (): void {
    $list = ringBag(['cut-frame' => 10, 'cut-diagonal' => 200, 'self-adjusting' => 200, 'oval' => 200]);
    expect(array_column($list->leave, 'id'))->toBe(['cut-frame']);
    // With its blade it could, but two light tools are more than one.
    $whole = ringBag(['cut-frame' => 10, 'blade' => 10, 'cut-diagonal' => 200, 'self-adjusting' => 200, 'oval' => 200]);
    expect(array_column($whole->leave, 'id'))->toEqualCanonicalizing(['blade', 'cut-frame']);
});

it('keeps a good one beside a seldom one, and takes nothing for what the kit does not do', function (): void {
    $shop = bagShop(2);
    $kit = $shop->kits[0];
    $doer = bagReport($shop)->lines;
    $tool = null;
    foreach ($doer as $line) {
        foreach ($line->steps as $step) {
            $tool ??= $step->status === Status::Covered ? $step->chosen?->tool : null;
        }
    }
    $parts = array_map(static fn(TakingPart $part): TakingPart => $part->tool->id === $tool?->id ? new TakingPart($part->tool, 1, 1) : $part, KitAsItStands::packed($kit));
    $twin = new Tool('twin', 'Twin', $tool->kind, $tool->capabilities);
    $stands = KitAsItStands::of($kit, [...$parts, new TakingPart($twin)]);
    $list = PackingList::of(Coverage::of($stands, $shop->scopes[0], $shop->rules()));
    expect(array_column($list->take, 'id'))->toContain('twin')->and($list->unweighed())->toBe([$twin]);

    $empty = PackingList::of(Coverage::of(KitAsItStands::onPaper(new Kit('none', 'None', [])), $shop->scopes[0], $shop->rules()));
    expect([$empty->take, $empty->leave, $empty->mass()])->toBe([[], [], 0]);
});

it('finds the one tool of each operation that alone does most: by taking every tool alone', function (int $seed): void {
    $shop = bagShop($seed);
    foreach (OneTool::of(bagReport($shop), $shop->tools) as $one) {
        $most = [0, 0];
        foreach ($shop->tools as $tool) {
            // With all that it needs, whatever else they do.
            $along = [$tool->id];
            for ($at = 0; $at < count($along); $at++) {
                $along = [...$along, ...array_diff(array_column($shop->tools, null, 'id')[$along[$at]]->needs->requires, $along)];
            }
            $report = bagReport($shop, $along);
            $done = [0, 0];
            foreach ($report->lines as $line) {
                $steps = array_filter($line->steps, static fn(object $step): bool => $step->step->operation === $one->operation);
                $alone = array_filter($steps, static fn(object $step): bool => $step->chosen?->tool->id === $tool->id);
                if ($steps !== [] && count($alone) === count($steps)) {
                    $isProper = array_filter($alone, static fn(object $step): bool => $step->chosen?->fit()->value !== 'proper') === [];
                    $done = [$done[0] + ($isProper ? $line->line->quantity : 0), $done[1] + $line->line->quantity];
                }
            }
            $most = max($most, $done);
        }
        expect([$one->proper, $one->proper + $one->makeshift])->toBe($most, $one->operation->value);
        $asked = array_filter(bagReport($shop)->lines, static fn(object $line): bool => array_filter($line->steps, static fn(object $step): bool => $step->step->operation === $one->operation) !== []);
        $lost = array_filter($asked, static fn(object $line): bool => in_array($line->line->id, $one->lost, true));
        $sum = static fn(array $lines): int => array_sum(array_map(static fn(object $line): int => $line->line->quantity, $lines));
        expect($one->asked)->toBe($sum($asked))->and($sum($lost))->toBe($one->asked - $one->proper - $one->makeshift)
            ->and(count($one->sizes))->toBeLessThanOrEqual($one->askedSizes)->and($one->tool === null)->toBe($most === [0, 0]);
    }
})->with([1, 4, 6, 8]);

it('does a splice only with a tool that does both of its ends', function (): void {
    $document = json_decode((string) file_get_contents(__DIR__ . '/cases/catalogue.json'));
    $document->kits = [(object) ['id' => 'kit', 'name' => 'Kit', 'tools' => []]];
    $document->scopes = [(object) ['id' => 'scope', 'name' => 'Scope', 'lines' => [
        (object) ['id' => 'splice', 'wire' => '16-stranded', 'wireB' => '14-stranded', 'terminal' => 'butt-blue', 'quantity' => 3],
    ]]];
    $shop = (new WorkbookCodec())->read((string) json_encode($document));
    $tools = array_column($shop->tools, null, 'id');
    $strip = static fn(string ...$ids): OneTool => array_values(array_filter(OneTool::of(bagReport($shop), array_map(static fn(string $id): Tool => $tools[$id], $ids)), static fn(OneTool $one): bool => $one->operation->value === 'strip'))[0];
    expect([$strip('notch-16-only')->tool?->id, $strip('notch-16-only')->lost])->toBe([null, ['splice']])
        ->and([$strip('notch-16-only', 'self-adjusting')->tool?->id, $strip('notch-16-only', 'self-adjusting')->lost])->toBe(['self-adjusting', []]);
});
