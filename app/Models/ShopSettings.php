<?php

declare(strict_types=1);

namespace App\Models;

/** What a shop is called, and how it tells things to who has chosen nothing else. */
final readonly class ShopSettings
{
    /** What may be chosen of each, the first where nothing was. */
    public const CHOICES = [
        'sizes' => ['gauge', 'metric'],
        'length' => ['mm', 'inch'],
        'force' => ['N', 'lbf'],
        'theme' => ['auto', 'light', 'dark'],
        'decimalSign' => ['point', 'comma'],
    ];

    /** @return array<string, string> name, sizes, length, force, theme and decimalSign */
    public static function of(Shop $shop): array
    {
        return ['name' => $shop->name, 'sizes' => $shop->sizes, 'length' => $shop->length, 'force' => $shop->force, 'theme' => $shop->theme, 'decimalSign' => $shop->decimal_sign];
    }

    /**
     * @param array<string, mixed> $settings as above; what is missing stays
     *
     * @return array<string, mixed> by the columns of the shop
     */
    public static function columns(array $settings): array
    {
        $byColumn = array_intersect_key($settings, ['name' => '', ...self::CHOICES]);
        if (isset($byColumn['decimalSign'])) {
            $byColumn['decimal_sign'] = $byColumn['decimalSign'];
        }

        return array_diff_key($byColumn, ['decimalSign' => '']);
    }
}
