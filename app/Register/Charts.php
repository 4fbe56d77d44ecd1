<?php

declare(strict_types=1);

namespace App\Register;

use App\Models\ListRow;
use App\Models\Shop;
use App\Reading\Needs;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Log\Log;
use Gondrik\Core\Output\ChartWriter;
use Gondrik\Core\Output\SeriesWriter;
use Gondrik\Core\Proof\ChartSetting;
use Gondrik\Core\Proof\ControlChart;
use Gondrik\Core\Proof\Series;
use Gondrik\Core\Value\Day;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** What pulls say: of one thing, setting by setting, and of all things that were tried on one wire and terminal. */
final readonly class Charts
{
    public function __construct(private ShopWorkbook $shops, private ChartWriter $writer = new ChartWriter()) {}

    /**
     * @return list<array<string, mixed>> of each setting with a subgroup of two or more by that day
     *
     * @throws ModelNotFoundException<ListRow> when the shop has no such thing
     */
    public function of(Shop $shop, string $tag, Day $day): array
    {
        $workbook = $this->shops->read($shop, Needs::of(assets: [$tag])->withLogOf([$tag]));
        if (!in_array($tag, array_map(static fn(Asset $asset): string => $asset->id, $workbook->register->assets), true)) {
            throw (new ModelNotFoundException())->setModel(ListRow::class);
        }
        $known = Log::of($workbook->register->log)->about($tag, $day);
        $charts = array_filter(array_map(static fn(ChartSetting $setting): ?ControlChart => ControlChart::of($known, $setting, $workbook->rules()->pullStandard), ChartSetting::allOf($known)));

        return array_map(fn(ControlChart $chart): array => $this->writer->explained($tag, $chart), array_values($charts));
    }

    /**
     * What was pulled of a wire and terminal, series by series, the best first.
     *
     * @param string      $wire     id
     * @param string|null $terminal id; null for what has none
     *
     * @return list<array<string, mixed>>
     */
    public function compared(Shop $shop, string $wire, ?string $terminal): array
    {
        $workbook = $this->shops->read($shop, Needs::of()->withRegister());
        $series = Series::allOf(Log::of($workbook->register->log)->entries, $wire, $terminal, $workbook->rules()->pullStandard);

        return array_map((new SeriesWriter())->series(...), $series);
    }
}
