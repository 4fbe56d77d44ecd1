<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Planning\Addition;
use Gondrik\Core\Planning\CurvePoint;
use Gondrik\Core\Planning\Means;
use Gondrik\Core\Planning\OpenStep;
use Gondrik\Core\Planning\Plan;
use Gondrik\Core\Planning\Role;
use Gondrik\Core\Planning\StepRef;
use Gondrik\Core\Planning\ToolRole;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Wording\Words;
use Symfony\Component\Console\Output\OutputInterface;

/** A plan for people at a terminal: what to add and why, what stays open, what each tool is worth, what less money would do. */
final readonly class TextPlan
{
    private Sentence $sentence;

    public function __construct(private OutputInterface $output)
    {
        $this->sentence = new Sentence();
    }

    /** @param list<CurvePoint> $curve */
    public function write(Plan $plan, array $curve): void
    {
        $this->output->writeln([...$this->headline($plan), ...$this->additions($plan), ...$this->open($plan), ...$this->roles($plan), ...$this->curve($curve)], OutputInterface::OUTPUT_RAW);
    }

    /** @return list<string> */
    private function headline(Plan $plan): array
    {
        return [
            sprintf('%s: %d of %s count, %d with this plan%s.', $plan->kit->of->name, $plan->coveredBefore, Words::counted($plan->terminations, 'termination'), $plan->coveredAfter, $plan->makeshiftAfter === 0 ? '' : ', ' . $plan->makeshiftAfter . ' of them makeshift'),
            sprintf('Costs %s; the kit weighs %d g then. %s', self::money($plan->cost), $plan->mass, $plan->isOptimal ? 'There is none better.' : 'The time was up; the bound is ' . $plan->bound . '.'),
            ...$plan->next === null ? [] : ['The next best costs ' . self::money($plan->next->cost) . ': ' . implode(', ', array_map(self::instead(...), $plan->next->instead)) . '.'],
        ];
    }

    /** @return list<string> */
    private function additions(Plan $plan): array
    {
        $rows = array_map(static fn(Addition $one): string => sprintf(
            '+ %s, %s: %s',
            self::way($one->way),
            self::money($one->way->cost),
            $one->closes === [] ? 'closes nothing' : 'closes ' . implode(', ', array_unique(array_map(static fn(StepRef $step): string => $step->line->id, $one->closes))),
        ), $plan->add);

        return ['', ...$rows === [] ? ['Nothing to add.'] : $rows];
    }

    /** @return list<string> */
    private function open(Plan $plan): array
    {
        $rows = array_map(fn(OpenStep $open): string => sprintf('○ %s, %s: %s', $open->line->id, $open->operation->value, $open->wanted === null ? 'makeshift by the line itself' : $this->sentence->wanted($open->wanted)), $plan->open);

        return $rows === [] ? [] : ['', ...$rows];
    }

    /** @return list<string> */
    private function roles(Plan $plan): array
    {
        $rows = [];
        foreach (Role::cases() as $role) {
            $of = array_filter($plan->roles, static fn(ToolRole $one): bool => $one->role === $role);
            if ($of !== []) {
                $rows[] = sprintf('%-9s  %s', $role->value, implode(', ', array_map(static fn(ToolRole $one): string => $one->tool->id . ($one->alone > 0 ? ' (' . $one->alone . ')' : ''), $of)));
            }
        }

        return $rows === [] ? [] : ['', ...$rows];
    }

    /**
     * @param list<CurvePoint> $curve
     *
     * @return list<string>
     */
    private function curve(array $curve): array
    {
        return ['', ...array_map(static fn(CurvePoint $point): string => sprintf('%12s  %5d', self::money($point->cost), $point->covered) . ($point->add === [] ? '' : '  ' . implode(', ', array_map(static fn(Way $way): string => $way->tool->id, $point->add))), $curve)];
    }

    /** @param array{?Way, ?Way} $pair */
    private static function instead(array $pair): string
    {
        return match (true) {
            $pair[0] === null => 'with ' . ($pair[1] === null ? '' : self::way($pair[1])) . ' too',
            $pair[1] === null => 'without ' . self::way($pair[0]),
            default => self::way($pair[1]) . ' instead of ' . self::way($pair[0]),
        };
    }

    private static function way(Way $way): string
    {
        $asset = $way->mending?->asset->id;

        return $way->tool->id . match (true) {
            $asset === null => '',
            $way->means === Means::Renew => ' (' . $asset . ' renewed)',
            default => ' (' . $asset . ' called back)',
        };
    }

    private static function money(int $cents): string
    {
        return sprintf('%d.%02d', intdiv($cents, 100), $cents % 100);
    }
}
