<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Bench\Figure;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Wording\Units;

/** Figures as plain data: a value with its unit, source, recall and note. */
final readonly class FigureWriter
{
    private Sentence $sentence;

    public function __construct(Units $units = new Units())
    {
        $this->sentence = new Sentence($units);
    }

    /**
     * The public members of an answer, in their order; what was not asked for is left out.
     *
     * @return array<string, mixed>
     */
    public function answer(object $answer): array
    {
        $written = [];
        foreach (get_object_vars($answer) as $name => $member) {
            if ($member instanceof Figure) {
                $written[$name] = $this->figure($member);
            } elseif (is_array($member)) {
                $written[$name] = array_map($this->figure(...), $member);
            }
        }

        return $written;
    }

    /** @return array{value: string|int|float|bool|null, unit: string|null, source: string, recall: string, note: string|null} */
    public function figure(Figure $figure): array
    {
        return [
            'value' => $figure->value,
            'unit' => $figure->unit?->value,
            'source' => $figure->source->name,
            'recall' => $figure->source->recall->value,
            'note' => $figure->note === null ? null : $this->sentence->note($figure->note),
        ];
    }
}
