<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\CrimpProfiles;
use Gondrik\Core\Match\KitMatcher;
use Gondrik\Core\Match\StripMatcher;
use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Profile;

/** Groups the steps that nothing covers by what one tool could cover, and finds what comes nearest. */
final readonly class HoleFinder
{
    /** The coloured nests of insulated terminals come in one tool. */
    private const COLOURS = ['red', 'blue', 'yellow'];

    public function __construct(private KitMatcher $matcher, private HouseRules $rules) {}

    /**
     * @param list<LineCover> $lines
     *
     * @return list<Hole> in the order of work
     */
    public function holes(array $lines): array
    {
        $groups = [];
        foreach ($lines as $line) {
            foreach ($line->steps as $cover) {
                if ($cover->status === Status::Hole) {
                    $groups[self::key($cover->step)][] = $cover->step;
                }
            }
        }
        $holes = array_map(
            fn(array $steps): Hole => new Hole($steps, Wanted::by($steps, $this->rules), $this->nearest($steps)),
            array_values($groups),
        );
        $order = Operation::cases();
        usort($holes, static fn(Hole $one, Hole $other): int => array_search($one->operation(), $order, true) <=> array_search($other->operation(), $order, true));

        return $holes;
    }

    /** Equal for steps that one tool could cover. */
    private static function key(Step $step): string
    {
        $wire = $step->wire;
        $terminal = $step->line->terminal;
        $parts = match ($step->operation) {
            Operation::Cut => [$wire?->isMultiCore() === true ? 'multi' : 'single'],
            Operation::Strip => [
                ($wire->size->area ?? 0) < StripMatcher::BLADE_FROM ? 'under' : 'from',
                $wire?->insulation->group()->value,
                $step->midSpan ? 'mid-span' : '',
            ],
            Operation::StripSheath => [$wire?->sheath?->shape->value],
            Operation::Crimp => [
                $terminal?->class->value,
                implode(' ', array_map(static fn(Profile $profile): string => $profile->value, $terminal === null ? [] : CrimpProfiles::wanted($terminal->class, $step->line->clamp))),
                in_array($terminal?->nest, self::COLOURS, true) ? 'colour' : $terminal?->nest,
                $terminal?->class === TerminalClass::SealedOpenBarrel ? 'seal' : '',
            ],
            Operation::Extract => [$terminal?->extractCode],
            default => [],
        };

        return implode('|', [$step->operation->value, ...$parts]);
    }

    /** @param non-empty-list<Step> $steps */
    private function nearest(array $steps): ?ToolMatch
    {
        $nearest = null;
        $distinct = [];
        foreach ($steps as $step) {
            $distinct[$step->key()] ??= $step;
        }
        foreach ($this->matcher->toolsFor($steps[0]->operation) as $tool) {
            foreach ($distinct as $step) {
                $match = $this->matcher->match($tool, $step);
                if ($nearest === null || $match->answer->compare($nearest->answer) < 0) {
                    $nearest = $match;
                }
            }
        }

        return $nearest;
    }
}
