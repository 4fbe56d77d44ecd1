<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Crimp;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\Stance;
use Gondrik\Core\Scope\Clamp;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Profile;
use Gondrik\Core\Verdict\Fit;

/** Which profile is right for which class of terminal (data/crimp-profiles.csv). Pliers stand in no row. */
final class CrimpProfiles
{
    /**
     * @param Clamp|null $clamp of a ferrule; a spring, or nothing stated, leaves it all three shapes
     *
     * @return list<Profile> right for the class
     */
    public static function proper(TerminalClass $class, ?Clamp $clamp = null): array
    {
        if (!$class->isFerrule()) {
            return self::table()[$class->value]['proper'] ?? [];
        }

        return match ($clamp) {
            Clamp::Rectangular => [Profile::Square, Profile::Trapezoid],
            Clamp::Round => [Profile::Hexagon],
            Clamp::Spring, null => self::table()[$class->value]['proper'],
        };
    }

    /**
     * What to look for when a tool is wanted: a clamp that is not stated counts as rectangular, the common kind.
     *
     * @return list<Profile>
     */
    public static function wanted(TerminalClass $class, ?Clamp $clamp): array
    {
        return self::proper($class, $class->isFerrule() ? $clamp ?? Clamp::Rectangular : null);
    }

    public static function fit(TerminalClass $class, Profile $profile, ?Clamp $clamp = null): Fit
    {
        /** @var array<string, Fit> $fits */
        static $fits = [];

        return $fits[$class->value . $profile->value . $clamp?->value] ??= match (true) {
            in_array($profile, self::proper($class, $clamp), true) => Fit::Proper,
            // A ferrule pressed to the other shape goes into the clamp all the same.
            in_array($profile, self::proper($class), true),
            in_array($profile, self::table()[$class->value]['makeshift'] ?? [], true) => Fit::Makeshift,
            default => Fit::Unsuitable,
        };
    }

    /** Whether a tool of this profile is ever taken to this class, be it that a house rule must allow it first. */
    public static function isThinkable(TerminalClass $class, Profile $profile, HouseRules $house): bool
    {
        return match (true) {
            $class === TerminalClass::Lug && $profile === Profile::Hammer => true,
            $class === TerminalClass::Insulated && $profile === Profile::Indent => $house->indentOnInsulated === Stance::Accept,
            default => self::fit($class, $profile) !== Fit::Unsuitable,
        };
    }

    /** @return array<string, array{proper: list<Profile>, makeshift: list<Profile>}> by class */
    private static function table(): array
    {
        static $table = null;
        $profiles = static fn(string $names): array => $names === '' ? [] : array_map(Profile::from(...), explode(' ', $names));

        return $table ??= array_map(
            static fn(array $row): array => ['proper' => $profiles($row['proper']), 'makeshift' => $profiles($row['makeshift'])],
            array_column(Table::rows('crimp-profiles'), null, 'class'),
        );
    }
}
