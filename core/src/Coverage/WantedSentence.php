<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\LengthUnit;
use Gondrik\Core\Size\Limits;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Control;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Cut;
use Gondrik\Core\Tool\Extract;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Tool\Position;
use Gondrik\Core\Tool\Profile;
use Gondrik\Core\Tool\PullTest;
use Gondrik\Core\Tool\ShrinkSleeve;
use Gondrik\Core\Tool\Solder;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Tool\StripMethod;
use Gondrik\Core\Tool\StripSheath;
use Gondrik\Core\Tool\Torque;
use Gondrik\Core\Wire\Material;
use Gondrik\Core\Wire\SheathShape;

/** The one place where a wanted tool becomes a sentence. */
final readonly class WantedSentence
{
    /** °C: from here down the temperature is worth a word. */
    private const COLD = 10.0;

    public function __construct(private LengthUnit $length = LengthUnit::Millimetre) {}

    public function of(Wanted $wanted): string
    {
        return $this->capability($wanted->capability, $wanted)
            . ($wanted->compact ? ', compact' : '')
            . ($wanted->withoutMains ? ', without mains' : '')
            . '.';
    }

    private function capability(Capability $capability, Wanted $wanted): string
    {
        return match (true) {
            $capability instanceof Cut => 'A cutter for '
                . ($capability->multi === null ? 'single wire, ' . $capability->single : 'multi-core cable with cores of ' . $capability->multi)
                . ($capability->maxOd === null ? '' : ', ' . $this->length->say($capability->maxOd) . ' outside'),
            $capability instanceof Strip => $this->strip($capability),
            $capability instanceof StripSheath => $this->sheath($capability, $wanted->coldest),
            $capability instanceof Crimp => $this->crimp($capability, $wanted),
            $capability instanceof ShrinkSleeve => 'A hot air gun' . ($capability->maxOd === null ? '' : ' for sleeves over ' . $this->length->say($capability->maxOd)),
            $capability instanceof Solder => 'A soldering iron' . ($capability->temperature === null ? '' : ' for ' . self::span($capability->temperature) . ' °C'),
            $capability instanceof Torque => 'A torque driver' . ($capability->range->max === null ? '' : ' for ' . self::span($capability->range) . ' N·m'),
            $capability instanceof PullTest => 'A pull tester up to ' . LengthUnit::plain($capability->capacity, 0) . ' N',
            $capability instanceof Extract => 'An extractor for ' . implode(', ', $capability->codes),
            default => 'A tool',
        };
    }

    private function strip(Strip $strip): string
    {
        $materials = implode(', ', array_map(static fn(Material $material): string => $material->inWords(), $strip->insulation));
        [$tool, $sizes] = match ($strip->method) {
            StripMethod::Die => ['A stripper with ground dies', implode(', ', array_map(static fn(Position $position): string => $position->label, $strip->positions ?? []))],
            StripMethod::Knife => ['A cable knife with a set depth', (string) $strip->size],
            default => ['A stripper', (string) $strip->size],
        };

        return $tool . ' for ' . $materials . ', ' . $sizes
            . ($strip->maxOd === null ? '' : ', up to ' . $this->length->say($strip->maxOd) . ' over the insulation')
            . ($strip->midSpan ? ', that opens a wire in mid-span' : '');
    }

    private function sheath(StripSheath $sheath, ?float $coldest): string
    {
        $shapes = implode(' and ', array_map(static fn(SheathShape $shape): string => $shape->value, $sheath->shapes));
        $materials = implode(', ', array_map(static fn(Material $material): string => $material->inWords(), $sheath->materials));
        $od = $sheath->od;
        $outside = $od === null ? '' : ', ' . ($od->min === $od->max ? '' : $this->length->say((float) $od->min) . ' to ') . $this->length->say((float) $od->max) . ' outside';

        return 'A sheath stripper for ' . $shapes . ' sheaths of ' . $materials . $outside . ', cores of ' . $sheath->size
            . ', taking ' . $this->length->say((float) $sheath->section) . ' or more at a time'
            . ($coldest !== null && $coldest <= self::COLD ? ' at ' . LengthUnit::plain($coldest, 1) . ' °C' : '');
    }

    private function crimp(Crimp $crimp, Wanted $wanted): string
    {
        $codes = array_values(array_filter(array_map(static fn(Nest $nest): ?string => $nest->code, $crimp->nests)));
        $profiles = array_map(static fn(Profile $profile): string => $profile->value, $wanted->profiles);
        $seal = $crimp->nests[0]->seal;

        return ($crimp->control === Control::FullCycle ? 'A full-cycle crimper' : 'A crimper')
            . ' with ' . (in_array($profiles[0][0], ['a', 'e', 'i', 'o', 'u'], true) ? 'an ' : 'a ') . self::either($profiles) . ' die for ' . self::plural($wanted->class)
            . ', ' . ($codes === [] ? $crimp->nests[0]->size : (count($codes) === 1 ? 'nest ' : 'nests ') . implode(', ', $codes))
            . ($seal === null || $seal->max === null ? '' : ', sealing on ' . self::span($seal) . ' mm insulation')
            . ($crimp->nests[0]->gripsInsulation ? ', gripping the insulation too' : '');
    }

    /** @param list<string> $names */
    private static function either(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names) . ' or ' . $last;
    }

    private static function span(Limits $limits): string
    {
        return $limits->min === $limits->max
            ? LengthUnit::plain((float) $limits->max, 2)
            : LengthUnit::plain((float) $limits->min, 2) . '-' . LengthUnit::plain((float) $limits->max, 2);
    }

    private static function plural(?TerminalClass $class): string
    {
        return match ($class) {
            TerminalClass::Insulated => 'insulated terminals',
            TerminalClass::HeatShrink => 'heat-shrink terminals',
            TerminalClass::Bare => 'bare terminals',
            TerminalClass::OpenBarrel => 'open barrels',
            TerminalClass::SealedOpenBarrel => 'sealed open barrels',
            TerminalClass::SolidContact => 'solid contacts',
            TerminalClass::Ferrule => 'ferrules',
            TerminalClass::TwinFerrule => 'twin ferrules',
            TerminalClass::Lug => 'lugs',
            TerminalClass::Tap => 'taps',
            TerminalClass::Coax => 'coaxial plugs',
            TerminalClass::Ignition => 'ignition terminals',
            default => 'terminals',
        };
    }
}
