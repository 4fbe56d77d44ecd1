<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Reference\Table;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Control;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Heat;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\SheathMethod;
use Gondrik\Core\Tool\ShrinkSleeve;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Tool\StripSheath;
use Gondrik\Core\Wire\Conductor;

/** The cautions that fit a work, and no other; data/cautions.csv has the sentences. They defer to local codes and licensed practice. */
final readonly class Cautions
{
    /** °C: from here down what stiffens is worth a word. */
    private const COLD = 5.0;

    /** What leads and plugs of batteries end in. */
    private const AT_BATTERIES = [TerminalClass::Lug, TerminalClass::SolderCup];

    /** @return list<string> codes, in the order of the table */
    public static function of(LineCover $cover, KitAsItStands $kit): array
    {
        $triggers = [...self::work($cover->line, $kit), ...self::tools($cover)];
        $codes = [];
        foreach (Table::rows('cautions') as $row) {
            if (in_array(Trigger::from($row['trigger']), $triggers, true)) {
                $codes[] = $row['code'];
            }
        }

        return $codes;
    }

    /** @return list<Trigger> */
    private static function work(Line $line, KitAsItStands $kit): array
    {
        $triggers = [...$line->ends === [] ? [] : [Trigger::Wire], ...self::named($line)];
        if (in_array($line->terminal?->class, self::AT_BATTERIES, true)) {
            $triggers[] = Trigger::Battery;
        }
        if ($kit->travels && $line->surroundings->noMains) {
            $triggers[] = Trigger::Away;
        }
        foreach ($line->ends as $end) {
            if ($end->wire->stiffensInTheCold() && $line->surroundings->ambient <= self::COLD) {
                $triggers[] = Trigger::Cold;
            }
            if ($end->wire->conductor === Conductor::CladAluminium || $end->wire->listed === false) {
                $triggers[] = Trigger::Imitation;
            }
        }

        return $triggers;
    }

    /**
     * No class tells a lead that is live by itself: its names do (data/caution-words.csv). A word too many costs a glance, one
     * too few a hand.
     *
     * @return list<Trigger>
     */
    private static function named(Line $line): array
    {
        $names = [$line->terminal?->name, $line->terminal?->nest, $line->terminal?->shape, $line->wire?->name, $line->wireB?->name, $line->note];
        $said = mb_strtolower(implode(' ', array_filter($names, static fn(?string $name): bool => $name !== null)));
        $triggers = [];
        foreach (Table::rows('caution-words') as $row) {
            if (preg_match('~\b' . preg_quote($row['word'], '~') . '\b~u', $said) === 1) {
                $triggers[] = Trigger::from($row['trigger']);
            }
        }

        return $triggers;
    }

    /** @return list<Trigger> by what is done, and with what it is done here */
    private static function tools(LineCover $cover): array
    {
        $triggers = [];
        foreach ($cover->steps as $step) {
            $triggers = [...$triggers, ...match ($step->step->operation) {
                Operation::Cut, Operation::ShearScrew => [Trigger::Offcuts],
                Operation::Sleeve => [Trigger::Heat, Trigger::Fumes],
                Operation::Solder => [Trigger::Heat, Trigger::Solder, Trigger::Fumes],
                Operation::PullTest => [Trigger::Puller],
                default => [],
            }];
            $capability = $step->chosen?->capability;
            $isBlade = ($capability instanceof Strip && $capability->method->isBlade())
                || ($capability instanceof StripSheath && $capability->method === SheathMethod::Score);
            $triggers = [
                ...$triggers,
                ...$isBlade ? [Trigger::Blade] : [],
                ...$capability instanceof ShrinkSleeve && $capability->heat !== Heat::Gun ? [Trigger::Flame] : [],
                ...$capability instanceof Crimp ? self::stroke($capability->control) : [],
            ];
        }

        return $triggers;
    }

    /** @return list<Trigger> */
    private static function stroke(Control $control): array
    {
        return match (true) {
            $control === Control::Hydraulic => [Trigger::Press],
            $control === Control::Impact => [Trigger::Impact],
            $control === Control::FullCycle => [Trigger::Ratchet],
            default => [],
        };
    }
}
