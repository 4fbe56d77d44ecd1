<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Planning\Exchange;

/** For requests that ask as if lines had other terminals: scope/line:terminal, with a comma between. */
trait SwapsTerminals
{
    private const SWAP_ID = '[A-Za-z0-9][A-Za-z0-9._-]{0,63}';

    private const SWAP_ONE = self::SWAP_ID . '/' . self::SWAP_ID . ':' . self::SWAP_ID;

    private const SWAP = 'regex:~^(' . self::SWAP_ONE . ')(,(' . self::SWAP_ONE . ')){0,99}$~D';

    public function exchange(): Exchange
    {
        $terminals = [];
        foreach ($this->has('swap') ? explode(',', $this->string('swap')->value()) : [] as $one) {
            [$line, $terminal] = explode(':', $one);
            $terminals[$line] = $terminal;
        }

        return new Exchange($terminals);
    }
}
