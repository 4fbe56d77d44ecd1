<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Trial\Tried;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Verdict\ReasonCode;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Wording\Units;
use Gondrik\Core\Wording\Words;

/** What tools would do to wires and terminals, as plain data. */
final readonly class TrialWriter
{
    private Sentence $sentence;

    public function __construct(Units $units = new Units())
    {
        $this->sentence = new Sentence($units);
    }

    /**
     * Of one tool: how many of the wires, or of the terminals, it does in each operation; a terminal counts by the worst of its
     * wires.
     *
     * @param list<Tried> $tried
     *
     * @return list<array<string, mixed>> in the order of work
     */
    public function ofTool(array $tried): array
    {
        $operations = [];
        foreach (self::grouped($tried, static fn(Tried $one): string => $one->operation->value) as $operation => $ofOperation) {
            $fits = [];
            foreach (self::grouped($ofOperation, static fn(Tried $one): string => $one->terminal->id ?? $one->wire->id) as $alike) {
                $fits[] = self::worst($alike)->value;
            }
            $operations[] = [
                'op' => $operation,
                'of' => count($fits),
                ...array_fill_keys(array_column(Fit::cases(), 'value'), 0),
                ...array_count_values($fits),
                'about' => $operation === Operation::Crimp->value ? 'terminals' : 'wires',
                'tried' => array_map($this->tried(...), $ofOperation),
            ];
        }

        return $operations;
    }

    /**
     * @param list<Tried> $tried
     *
     * @return list<array<string, mixed>> each with its tool
     */
    public function each(array $tried): array
    {
        return array_map(fn(Tried $one): array => ['op' => $one->operation->value, 'tool' => $one->match->tool->id, 'name' => $one->match->tool->name, ...$this->tried($one)], $tried);
    }

    /**
     * Why a tool is not meant for a terminal on a wire, in a nest of that label: a sentence or part of one, null where it is.
     *
     * @param list<Tried> $tried of that tool, wire and terminal
     */
    public function against(array $tried, ?string $nest): ?string
    {
        $crimped = array_values(array_filter($tried, static fn(Tried $one): bool => $one->operation === Operation::Crimp));
        $does = array_filter($crimped, static fn(Tried $one): bool => $one->match->fit() !== Fit::Unsuitable);
        $places = array_values(array_filter(array_map(static fn(Tried $one): ?string => $one->match->position(), $does)));

        return match (true) {
            $crimped === [] => Words::for('pulled', 'no-pair'),
            $does === [] => $this->tried($crimped[0])['text'],
            $nest !== null && $places !== [] && !in_array($nest, $places, true) => sprintf(Words::for('pulled', 'other-nest'), $places[0]),
            default => null,
        };
    }

    /**
     * @param list<Reason> $checks
     *
     * @return list<array<string, mixed>>
     */
    public function checks(array $checks): array
    {
        return array_map(fn(Reason $check): array => ['code' => $check->code->value, 'fit' => $check->fit->value, 'text' => $this->sentence->of($check)], $checks);
    }

    /** @return array<string, mixed> */
    private function tried(Tried $one): array
    {
        $why = self::telling($one);

        return [
            'wire' => $one->wire->id,
            'terminal' => $one->terminal?->id,
            'area' => $one->wire->size->area,
            'fit' => $one->match->fit()->value,
            'position' => $one->match->position(),
            'code' => $why?->code->value,
            'text' => $why === null ? null : $this->sentence->of($why),
        ];
    }

    /** What it fails by, or the remark with which it passes. */
    private static function telling(Tried $one): ?Reason
    {
        foreach ($one->match->reasons as $reason) {
            if ($reason->fit === $one->match->fit() && ($reason->fit !== Fit::Proper || ($reason->code->isRemark() && $reason->code !== ReasonCode::LengthByMeasure))) {
                return $reason;
            }
        }

        return null;
    }

    /** @param non-empty-list<Tried> $tried */
    private static function worst(array $tried): Fit
    {
        return array_reduce($tried, static fn(Fit $worst, Tried $one): Fit => $worst->worse($one->match->fit()), Fit::Proper);
    }

    /**
     * @param list<Tried>             $tried
     * @param \Closure(Tried): string $by
     *
     * @return array<string, non-empty-list<Tried>>
     */
    private static function grouped(array $tried, \Closure $by): array
    {
        $groups = [];
        foreach ($tried as $one) {
            $groups[$by($one)][] = $one;
        }

        return $groups;
    }
}
