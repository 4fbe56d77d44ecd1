<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Wire\Construction;

/** From what is asked to its answer: an object whose public members are figures, lists of figures, or null for what was not asked. */
final readonly class Calculator
{
    /** @throws Invalid naming the option that is missing, unknown here, or no such value */
    public function answer(Calculation $what, Asked $asked): object
    {
        foreach ($asked->names() as $name) {
            if (!in_array($name, $what->options(), true)) {
                throw Invalid::at($name, $asked->text($name), 'is nothing that calc ' . $what->value . ' asks; it asks ' . implode(', ', $what->options()));
            }
        }

        return match ($what) {
            Calculation::Size => SizeFacts::of($asked->size()),
            Calculation::Diameter => $this->diameter($asked),
            Calculation::Pull => Pull::of($asked->size(), $asked->oneOf('class', TerminalClass::class), $asked->has('standard') ? $asked->oneOf('standard', PullStandard::class) : PullStandard::ByClass),
            Calculation::Sleeve => $this->sleeve($asked),
            Calculation::Strands => $this->strands($asked),
            Calculation::Exposed => ExposedConductor::of($asked->mm('insulation-od'), $asked->has('length') ? $asked->mm('length', mayBeNothing: true) : null),
            Calculation::Fill => BarrelFill::of($asked->size(), $asked->range('terminal'), $asked->countOrNull('count') ?? 1),
            Calculation::Pulls => SheathPulls::of($asked->mm('sheath'), $asked->mm('section')),
            Calculation::Identify => $this->identify($asked),
            Calculation::Code => WireCode::parse($asked->text('code')),
            Calculation::Notch => $this->notch($asked),
        };
    }

    private function diameter(Asked $asked): ConductorFacts
    {
        return ConductorFacts::of($asked->size(), $asked->oneOf('construction', Construction::class), $this->strandsOf($asked));
    }

    private function sleeve(Asked $asked): SleeveChoice
    {
        $widest = $asked->mm('widest');
        $narrowest = $asked->mm('narrowest');
        if ($narrowest > $widest) {
            throw Invalid::at('narrowest', $asked->text('narrowest'), 'must not be more than the widest, ' . $asked->text('widest') . ' mm');
        }

        return SleeveChoice::of($widest, $narrowest, $asked->mmOrNull('covered'), $asked->has('lined'));
    }

    private function strands(Asked $asked): StrandDamage
    {
        if ($asked->has('solid')) {
            return $asked->has('strands')
                ? throw Invalid::at('strands', $asked->text('strands'), 'a solid conductor has no strands to count; say that it is solid, or how many strands it has')
                : StrandDamage::ofSolid($asked->size());
        }
        if ($asked->has('size')) {
            throw Invalid::at('size', $asked->text('size'), 'belongs to a solid conductor; strands are counted');
        }

        return StrandDamage::ofStrands($asked->count('strands'));
    }

    private function identify(Asked $asked): WireIdentity
    {
        $bend = $asked->has('bend') ? $asked->oneOf('bend', Bend::class) : null;
        if (!$asked->has('conductor')) {
            return WireIdentity::ofStrands($asked->count('strands'), $asked->mm('strand-diameter'), $bend);
        }
        foreach (['strands', 'strand-diameter'] as $name) {
            if ($asked->has($name)) {
                throw Invalid::at($name, $asked->text($name), 'is another way to measure it than the diameter of the conductor; give one of the two');
            }
        }

        return WireIdentity::ofConductor($asked->mm('conductor'), $bend);
    }

    private function notch(Asked $asked): Notch
    {
        $size = $asked->size();
        $construction = $asked->oneOf('construction', Construction::class);
        $of = [$size, $construction, $this->strandsOf($asked), $asked->mmOrNull('insulation-od')];
        if ($asked->has('hole')) {
            return $asked->has('label')
                ? throw Invalid::at('label', $asked->text('label'), 'a measured hole needs no label; give one of the two')
                : Notch::measured($asked->mm('hole'), ...$of);
        }

        return $asked->has('label') ? Notch::labelled($asked->range('label'), ...$of) : throw Invalid::at('hole', null, 'is missing: give the measured hole, or the label of the position');
    }

    private function strandsOf(Asked $asked): ?int
    {
        $strands = $asked->countOrNull('strands');
        $isSolid = $asked->text('construction') === Construction::Solid->value;
        if ($strands !== null && $isSolid !== ($strands === 1)) {
            throw Invalid::at('strands', $asked->text('strands'), $isSolid ? 'must be 1 for a solid conductor' : 'must be 2 or more for a conductor of strands');
        }

        return $strands;
    }
}
