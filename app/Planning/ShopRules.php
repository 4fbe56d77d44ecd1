<?php

declare(strict_types=1);

namespace App\Planning;

use App\History\Journal;
use App\History\Place;
use App\Models\Shop;
use App\Reading\Needs;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Output\RulesWriter;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\RulesCodec;

/** What the house judges by, where its scopes say otherwise, and what another answer would do to every kit. */
final readonly class ShopRules
{
    /** Changes that are told. */
    private const TOLD = 20;

    public function __construct(private ShopWorkbook $shops, private Journal $journal = new Journal(), private RulesWriter $writer = new RulesWriter(), private RulesCodec $codec = new RulesCodec()) {}

    /** @return array<string, mixed> what is asked, what the shop has said and what is in force, what the presets say, and how scopes differ */
    public function of(Shop $shop): array
    {
        $workbook = $this->shops->read($shop, Needs::of(scopes: null)->withLines([]));
        $own = $workbook->rules();

        return [
            'questions' => $this->writer->questions(),
            'presets' => $this->writer->presets(),
            'said' => $this->codec->write($workbook->houseRules ?? new RuleChoice()),
            'inForce' => $this->writer->answers($own),
            'scopes' => array_map(fn(Scope $scope): array => [
                'id' => $scope->id,
                'name' => $scope->name,
                'preset' => $scope->houseRules?->preset?->value,
                'differs' => $this->writer->differing($workbook->rulesFor($scope), $own),
            ], ShopMatrix::scopes($workbook)),
        ];
    }

    /** @return list<array{at: string, by: string|null, differs: list<array<string, string>>}> what was answered otherwise, the newest first */
    public function changes(Shop $shop): array
    {
        $told = [];
        foreach ($this->journal->page($shop, self::TOLD, about: Place::rules()->path()) as $entry) {
            $changes = array_filter($entry->shown->changes, static fn(\stdClass $change): bool => $change->list === Place::RULES);
            // An import keeps them beside what it has brought.
            foreach ([...array_values($changes), ...array_filter([$entry->shown->more->rules ?? null])] as $change) {
                $differs = $this->writer->differing($this->inForce($change->after), $this->inForce($change->before));
                $told[] = ['at' => $entry->created_at->toIso8601ZuluString(), 'by' => $entry->causer?->name, 'differs' => $differs];
            }
        }

        return $told;
    }

    private function inForce(?\stdClass $said): HouseRules
    {
        return HouseRules::inForce($said === null ? null : $this->codec->read($said));
    }

    /**
     * What every kit would do of every scope if the house judged otherwise.
     *
     * @param \stdClass $said rules that would be other than they are; null for one that would be as the preset has it
     * @param Day|null  $day  null for on paper
     *
     * @return array<string, mixed> the cells that would be others, before and after, and how many there are in all
     *
     * @throws InvalidWorkbook where that is no answer
     */
    public function tried(Shop $shop, \stdClass $said, ?Day $day): array
    {
        $needs = Needs::of(kits: null, scopes: null);
        $workbook = $this->shops->read($shop, $day === null ? $needs : $needs->withRegister());
        $changed = $workbook->withHouseRules($this->codec->read($this->merged($this->codec->write($workbook->houseRules ?? new RuleChoice()), $said)));
        $scopes = ShopMatrix::scopes($workbook);
        [$before, $after] = [ShopMatrix::cells($workbook, $scopes, $day), ShopMatrix::cells($changed, $scopes, $day)];
        $names = static fn(array $things): object => (object) array_column($things, 'name', 'id');
        $cells = [];
        foreach ($before as $at => $cell) {
            [$was, $is] = [ReportWriter::cell($cell), ReportWriter::cell($after[$at])];
            if ($was !== $is) {
                $cells[] = ['before' => $was, 'after' => $is];
            }
        }

        return ['of' => count($before), 'kits' => $names($workbook->kits), 'scopes' => $names($scopes), 'cells' => $cells];
    }

    /** What is said put over what was: null takes back what was said of a rule. */
    public function merged(\stdClass $present, \stdClass $said): \stdClass
    {
        $merged = (array) $said + (array) $present;
        $known = [...array_keys($this->codec->inForce(new HouseRules())), 'preset'];

        // A rule that there is not stays, to be refused by name.
        return (object) array_filter($merged, static fn(mixed $value, string $key): bool => $value !== null || !in_array($key, $known, true), ARRAY_FILTER_USE_BOTH);
    }
}
