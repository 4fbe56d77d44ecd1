<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\OnDay\AssetDue;
use Gondrik\Core\OnDay\AssetHistory;
use Gondrik\Core\OnDay\AssetOnDay;
use Gondrik\Core\OnDay\AssetSign;
use Gondrik\Core\OnDay\DueState;
use Gondrik\Core\OnDay\FirstWeeks;
use Gondrik\Core\Reference\Table;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Tool\DueKind;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Wording\Sentence;

/** Things one by one as they are on a day, as plain data; days as text, money in cents. */
final readonly class AssetWriter
{
    /** @param list<DueKind> $counting kinds of due without which a thing does not count */
    public function __construct(private Day $day, private array $counting, private Sentence $sentence = new Sentence()) {}

    /** @return array<string, mixed> */
    public function thing(AssetHistory $history): array
    {
        $state = $history->on($this->day);
        $asset = $history->asset;
        $first = FirstWeeks::of($history, $this->day);
        $kit = $state->kit();
        $standing = $state->standing($kit->id ?? $state->home->id ?? '', $this->counting);

        return [
            'tag' => $asset->id,
            'tool' => $asset->tool->id,
            'home' => $state->home?->id,
            'kit' => $kit?->id,
            'sign' => AssetSign::of($state, $this->day, $this->counting)->value,
            // On the shelf it counts for no kit, and nothing is wrong with that.
            'text' => $kit === null && $state->out === null && $state->isBought ? $this->onTheShelf($state) : $this->sentence->away($standing),
            'out' => $this->out($state),
            'condition' => $state->condition->value,
            'conditionSince' => $state->conditionSince?->plain(),
            'driftsSince' => $state->driftsSince?->plain(),
            'cycles' => $state->cycles,
            'dues' => array_map(static fn(DueState $due): array => [
                'kind' => $due->due->kind->value,
                'done' => $due->done?->plain(),
                'next' => $due->next?->plain(),
                'cyclesLeft' => $due->cyclesLeft,
                'code' => $due->code?->value,
                'since' => $due->since?->plain(),
            ], array_values($state->dues)),
            'terms' => $asset->terms->value,
            'firstCheck' => $first->check === null ? null : array_column(Table::rows('first-checks'), 'text', 'op')[$first->check->value],
            'returnBy' => $asset->returnBy?->plain(),
            // Told while there is still something to do about it.
            'goesBackSoon' => $first->returnBy !== null,
            'serial' => $asset->serial,
            'bought' => $asset->bought?->plain(),
            'note' => $asset->note,
        ];
    }

    /** @return array{tag: string, kind: string, on: string|null, week: string|null, code: string|null} */
    public function due(AssetDue $due): array
    {
        return [
            'tag' => $due->thing->asset->id,
            'kind' => $due->state->due->kind->value,
            'on' => $due->on?->plain(),
            'week' => $due->week($this->day)?->plain(),
            'code' => $due->state->code?->value,
        ];
    }

    /** @return list<array{code: string, text: string, condition: string}> what hands find wrong with a thing, and how it is from then on: as the house says, else as is usual */
    public static function findings(HouseRules $rules): array
    {
        $chosen = [];
        foreach ($rules->findings as $rule) {
            $chosen[$rule->finding->value] = $rule->condition->value;
        }

        return array_map(static fn(array $row): array => ['code' => $row['code'], 'text' => $row['text'], 'condition' => $chosen[$row['code']] ?? $row['condition']], Table::rows('findings'));
    }

    /** @return string|null how long tools of its kind last by common practice, where the trade says so */
    public static function lasts(Tool $tool): ?string
    {
        $texts = array_column(Table::rows('lasting'), 'text', 'method');
        foreach ($tool->capabilities as $capability) {
            if ($capability instanceof Strip && isset($texts[$capability->method->value])) {
                return $texts[$capability->method->value];
            }
        }

        return null;
    }

    /** What would be told of it in a kit; nothing of its being in none. */
    private function onTheShelf(AssetOnDay $state): string
    {
        return $this->sentence->away($state->standingAnywhere($this->counting));
    }

    /** @return array{to: string, person: string|null, kit: string|null, since: string, due: string|null}|null */
    private function out(AssetOnDay $state): ?array
    {
        $out = $state->out;

        return $out === null ? null : [
            'to' => $out->to->name(),
            'person' => $out->to->person?->id,
            'kit' => $out->to->kit?->id,
            'since' => $out->on->plain(),
            'due' => $out->due?->plain(),
        ];
    }
}
