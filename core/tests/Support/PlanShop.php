<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\OnDay\AwayCode;
use Gondrik\Core\OnDay\DueState;
use Gondrik\Core\OnDay\Mending;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Cost;
use Gondrik\Core\Tool\Due;
use Gondrik\Core\Tool\DueKind;
use Gondrik\Core\Tool\Handling;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\KitEntry;
use Gondrik\Core\Tool\Needs;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Questions of planning: out of the small shop of cases/plan-shop.json, and made up from the tools and lines of larger ones. */
final class PlanShop
{
    public static function workbook(): Workbook
    {
        return (new WorkbookCodec())->read((string) file_get_contents(dirname(__DIR__) . '/cases/plan-shop.json'));
    }

    /** @param array{kit: string, scopes: string, options: string} $case */
    public static function question(array $case): PlanQuestion
    {
        $workbook = self::workbook();
        $options = [];
        foreach (Catalogue::words($case['options']) as $option) {
            [$name, $value] = [...explode('=', $option), ''];
            $options[$name] = $value;
        }
        $kit = $workbook->kit($case['kit']) ?? new Kit('none', 'None', []);
        $tools = array_filter($workbook->tools, static fn(Tool $tool): bool => $kit->tool($tool->id) === null && ($options['without'] ?? '') !== $tool->id);
        $ways = array_values(array_filter(array_map(Way::buying(...), $tools)));

        return new PlanQuestion(
            KitAsItStands::onPaper($kit),
            array_map(static fn(string $id): PlannedScope => new PlannedScope($workbook->scope($id), $workbook->rulesFor($workbook->scope($id))), Catalogue::words($case['scopes'])),
            $ways,
            array_values(array_filter($ways, static fn(Way $way): bool => $way->tool->id === ($options['with'] ?? ''))),
            isset($options['budget']) ? (int) $options['budget'] : null,
            isset($options['mass']) ? (int) $options['mass'] : null,
            isset($options['makeshift']),
        );
    }

    /**
     * A question with few enough ways to look at every set of them; prices and masses are such that many sets are equal.
     *
     * @param \Closure(Randomizer): Workbook $shop
     * @param list<Operation>                $backups of these a second may be bought, too
     * @param bool                           $onDay   some of the kit's are for the seldom drawer, and things that are not there may count again
     */
    public static function madeUp(int $seed, \Closure $shop, int $ways, array $backups = [], bool $onDay = false): PlanQuestion
    {
        $random = new Randomizer(new Mt19937($seed));
        $workbook = $shop($random);
        $tools = [];
        foreach ($random->shuffleArray($workbook->tools) as $at => $tool) {
            $requires = array_values(array_intersect($tool->needs->requires, array_column($workbook->tools, 'id')));
            if ($requires === [] && $at > 0 && $random->getInt(1, 8) === 1) {
                $requires = [$tools[$random->getInt(0, $at - 1)]->id];
            }
            $tools[] = new Tool(
                $tool->id,
                $tool->name,
                $tool->kind,
                $tool->capabilities,
                new Cost(price: 100 * $random->getInt(1, 6)),
                new Handling($random->getInt(0, 3) === 0 ? null : 100 * $random->getInt(1, 4), $tool->handling->handSpan, $tool->handling->gripForce, null, $tool->handling->compact, $tool->handling->oneHanded),
                new Needs($tool->needs->energy, $requires, $tool->needs->inPlaceOnly),
            );
        }
        $own = $random->getInt(0, count($tools) - $ways);
        $kit = new Kit('kit', 'Kit', array_map(static fn(Tool $tool): KitEntry => new KitEntry($tool, $random->getInt(1, 2)), array_slice($tools, 0, $own)), $random->getInt(0, 1) === 0);
        $bought = array_values(array_filter(array_map(Way::buying(...), array_slice($tools, $own, $ways))));
        $seconds = array_filter($tools, static fn(Tool $tool): bool => array_intersect(array_column($backups, 'value'), $tool->operations()) !== []);
        $bought = [...$bought, ...$backups === [] ? [] : array_values(array_filter(array_map(Way::second(...), array_slice($seconds, -4, 4))))];
        $stands = KitAsItStands::onPaper($kit);
        if ($onDay) {
            $parts = array_map(static fn(KitEntry $entry): TakingPart => new TakingPart($entry->tool, $entry->count, $random->getInt(0, $entry->count)), $kit->tools);
            $stands = KitAsItStands::of($kit, $parts);
            $seldom = array_values(array_filter($parts, static fn(TakingPart $part): bool => $part->isSeldom));
            $bought = [
                ...array_filter(array_map(static fn(TakingPart $part): ?Way => Way::buying($part->tool), array_slice($seldom, 0, 2))),
                ...array_map(static fn(Way $way, int $at): Way => $at % 3 === 1 ? self::mending($way->tool, $random->getInt(0, 3)) : $way, $bought, array_keys($bought)),
            ];
        }
        $scope = $workbook->scopes[$random->getInt(0, count($workbook->scopes) - 1)];
        $scopes = [new PlannedScope(new Scope($scope->id, $scope->name, array_slice($scope->lines, 0, 10)), $workbook->rulesFor($scope))];
        if ($seed % 3 === 0) {
            $scopes[] = new PlannedScope(new Scope('other', 'Other', array_slice($workbook->scopes[0]->lines, 0, 6)), new HouseRules());
        }
        $forced = $seed % 7 === 0 ? [$bought[0]] : [];

        return new PlanQuestion(
            $stands,
            $scopes,
            $bought,
            $forced,
            $seed % 4 % 2 === 1 ? 100 * $random->getInt(6, 18) : null,
            $seed % 4 >= 2 ? PlanQuestion::massOf($kit) + 100 * $random->getInt(4, 12) : null,
            $seed % 5 === 0,
            backups: $backups,
        );
    }

    /** A thing that counts again when it has come back, or for so many hundreds when what is due is done. */
    private static function mending(Tool $tool, int $hundreds): Way
    {
        $due = new DueState(new Due(DueKind::Calibration, 365, price: 100 * $hundreds), null, null, null, AwayCode::DuePast, null);

        return Way::mending(new Mending(new Asset('thing-' . $tool->id, $tool), $hundreds === 0, $hundreds === 0 ? [] : [$due]));
    }
}
