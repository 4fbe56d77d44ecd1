<?php

declare(strict_types=1);

namespace Gondrik\Core\Wire;

/** What insulation and sheaths are made of. */
enum Material: string
{
    case Pvc = 'pvc';
    case Pe = 'pe';
    case Xlpe = 'xlpe';
    case Lszh = 'lszh';
    case Rubber = 'rubber';
    case Silicone = 'silicone';
    case Etfe = 'etfe';
    case Ptfe = 'ptfe';
    case Fep = 'fep';
    case Pur = 'pur';
    case Tpe = 'tpe';
    case Polyimide = 'polyimide';

    /** PVC, and low-smoke compounds as much. */
    public function stiffensInTheCold(): bool
    {
        return $this === self::Pvc || $this === self::Lszh;
    }

    public function group(): MaterialGroup
    {
        return match ($this) {
            self::Xlpe => MaterialGroup::Xlpe,
            self::Etfe, self::Ptfe, self::Fep, self::Polyimide => MaterialGroup::ThinWall,
            default => MaterialGroup::Soft,
        };
    }
}
