<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Bench\Figure;
use Gondrik\Core\Card\CardStep;
use Gondrik\Core\Card\Reckoning;
use Gondrik\Core\Card\Settings;
use Gondrik\Core\Card\SetUpCard;
use Gondrik\Core\Reference\Table;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Wording\Units;

/** A set-up card as plain data, for the API and the command line alike. */
final readonly class CardWriter
{
    private Sentence $sentence;

    private FigureWriter $figures;

    private ReportWriter $reports;

    /** @param bool $tellsAssets on a day: which things to take */
    public function __construct(Units $units = new Units(), private bool $tellsAssets = false)
    {
        $this->sentence = new Sentence($units);
        $this->figures = new FigureWriter($units);
        $this->reports = new ReportWriter($units);
    }

    /** @return array<string, mixed> */
    public function card(SetUpCard $card): array
    {
        return [
            'kit' => $card->report->kit->of->id,
            'scope' => $card->report->scope->id,
            'line' => $card->cover->line->id,
            'status' => $card->cover->status->value,
            'checks' => $this->reports->checks($card->cover),
            'steps' => array_map($this->step(...), $card->steps),
            'pull' => $card->pull === null ? null : $this->figures->answer($card->pull),
            'sleeve' => $card->sleeve === null ? null : $this->figures->answer($card->sleeve),
            'look' => ['good' => $card->look->good, 'bad' => $card->look->bad],
            'cautions' => $card->cautions,
        ];
    }

    /**
     * For the page and the printer: with the names of what it speaks of, and the sentences of its lists.
     *
     * @return array<string, mixed>
     */
    public function explained(SetUpCard $card): array
    {
        $line = $card->cover->line;
        $tools = [];
        foreach ($card->cover->steps as $step) {
            if ($step->chosen !== null) {
                $tools[$step->chosen->tool->id] = $step->chosen->tool->name;
            }
        }

        $written = $this->card($card);

        return [
            ...$written,
            'steps' => CardRows::of($card, $written['steps']),
            'quantity' => $line->quantity,
            'note' => $line->note,
            'terminal' => $line->terminal?->name,
            'wires' => array_map(static fn(End $end): string => $end->wire->name, $line->ends),
            'tools' => (object) $tools,
            'lookTexts' => self::texts('look', [...$card->look->good, ...$card->look->bad]),
            'cautionTexts' => self::texts('cautions', $card->cautions),
            'reckon' => (object) array_map(static fn(array $asked): object => (object) $asked, Reckoning::of($line, $card->report->rules)),
        ];
    }

    /**
     * @param list<string> $codes
     *
     * @return object sentences by code
     */
    private static function texts(string $table, array $codes): object
    {
        return (object) array_intersect_key(array_column(Table::rows($table), 'text', 'code'), array_flip($codes));
    }

    /** @return array<string, mixed> */
    private function step(CardStep $step): array
    {
        // What has to be looked at is read before hands do it.
        $said = [...array_map($this->sentence->of(...), $step->remarks()), ...array_map($this->sentence->instruction(...), $step->says)];
        if ($step->wanted !== null) {
            array_splice($said, 1, 0, [$this->sentence->wanted($step->wanted)]);
        }

        return [
            'op' => $step->op->value,
            'wire' => $step->end?->wire->id,
            'status' => $step->status()?->value,
            'tool' => $step->cover?->chosen?->tool->id,
            'position' => $step->cover?->chosen?->position(),
            'settings' => (object) $this->settings($step->settings),
            'text' => implode(' ', $said),
            ...$this->tellsAssets ? ['assets' => $step->cover->chosen->part->assets ?? []] : [],
        ];
    }

    /** @return array<string, mixed> those that the step sets */
    private function settings(Settings $settings): array
    {
        $written = [];
        foreach (get_object_vars($settings) as $name => $setting) {
            if ($setting instanceof Figure) {
                $written[$name] = $this->figures->figure($setting);
            } elseif ($setting === true) {
                $written[$name] = true;
            }
        }

        return $written;
    }
}
