<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Crimp;

use Gondrik\Core\Match\Asked;
use Gondrik\Core\Match\Gather;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Size\Limits;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Control;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Tool\Profile;

/** The least crimper for the works of a hole: a nest for each terminal's span, or for each wire under its code. */
final readonly class CrimpWanted
{
    public function __construct(private HouseRules $house) {}

    /** @param non-empty-list<CrimpWork> $works of one group */
    public function of(array $works): Wanted
    {
        $class = $works[0]->class;
        $profiles = CrimpProfiles::wanted($class, $works[0]->clamp);
        assert($profiles !== []);
        $codes = Gather::each($works, static fn(CrimpWork $work): ?string => $work->nest);
        $seal = $class === TerminalClass::SealedOpenBarrel ? $this->seal($works) : null;
        $grips = in_array($class, $this->house->insulationGrip, true);
        $control = in_array($class, $this->house->fullCycleFor, true) ? Control::FullCycle : Control::Free;
        $nests = $this->nests($works, $seal, $grips);
        $sizes = array_values(array_unique(array_map(static fn(Nest $nest): string => (string) $nest->size, $nests)));
        $names = array_map(static fn(Profile $profile): string => $profile->value, $profiles);

        return new Wanted(
            new Crimp($profiles[0], $control, $nests, [$class]),
            Asked::by($works),
            [
                'profiles' => $names,
                'class' => $class->value,
                'sizes' => $sizes,
                ...$control === Control::FullCycle ? ['control' => $control->value] : [],
                ...$codes === [] ? [] : ['codes' => $codes],
                ...$seal?->min === null || $seal->min === $seal->max ? [] : ['sealFrom' => $seal->min],
                ...$seal?->max === null ? [] : ['sealTo' => $seal->max],
                ...$grips ? ['grips' => 'insulation'] : [],
            ],
            [
                'class' => $class->value,
                'profiles' => $names,
                'control' => $control->value,
                'sizes' => $sizes,
                'codes' => $codes,
                ...$seal === null ? [] : ['seal' => array_filter(['min' => $seal->min, 'max' => $seal->max], static fn(?float $end): bool => $end !== null)],
                ...$grips ? ['gripsInsulation' => true] : [],
            ],
        );
    }

    /**
     * @param non-empty-list<CrimpWork> $works
     *
     * @return non-empty-list<Nest> from thin to thick
     */
    private function nests(array $works, ?Limits $seal, bool $grips): array
    {
        $nests = [];
        foreach ($works as $work) {
            // Several wires have no size of their own: their terminal's span holds their sum.
            $size = $work->nest === null || $work->wires > 1 ? $work->terminal : SizeRange::single($work->wire);
            $label = ($work->nest === null ? '' : $work->nest . ' ') . $size->written;
            $nests[$label] ??= new Nest($label, $work->nest, $size, seal: $seal, gripsInsulation: $grips);
        }
        $nests = array_values($nests);
        usort($nests, static fn(Nest $one, Nest $other): int => $one->size?->spans()[0]->least->area <=> $other->size?->spans()[0]->least->area);

        return $nests;
    }

    /**
     * Least and greatest insulation, from the terminals where a wire's diameter is unknown; anything where neither says.
     *
     * @param non-empty-list<CrimpWork> $works
     */
    private function seal(array $works): Limits
    {
        $diameters = [];
        foreach ($works as $work) {
            $diameters = [...$diameters, ...$work->od !== null ? [$work->od] : [$work->seal?->min, $work->seal?->max]];
        }
        $known = array_values(array_filter($diameters, static fn(?float $od): bool => $od !== null));

        return $known === [] ? new Limits(min: 0.0) : Limits::around($known);
    }
}
