<?php

declare(strict_types=1);

namespace App\Register;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Models\ListRow;
use App\Models\Shop;
use App\Reading\Needs;
use App\Reading\ShopWorkbook;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Written;
use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Listing\DecimalSign;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Log\Log;
use Gondrik\Core\Log\Pulled;
use Gondrik\Core\Output\ChartWriter;
use Gondrik\Core\Output\SeriesWriter;
use Gondrik\Core\Output\TrialWriter;
use Gondrik\Core\Proof\ChartSetting;
use Gondrik\Core\Proof\ControlChart;
use Gondrik\Core\Proof\Practice;
use Gondrik\Core\Proof\Proven;
use Gondrik\Core\Proof\Series;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Trial\Trial;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Wording\Words;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** What pulls say: of one thing, setting by setting, and of all things that were tried on one wire and terminal. */
final readonly class Charts
{
    public function __construct(private ShopWorkbook $shops, private ShopStore $store, private ShopChanges $changes, private ChartWriter $writer = new ChartWriter()) {}

    /**
     * @return array{charts: list<array<string, mixed>>, practice: list<array<string, mixed>>} of each setting with a subgroup of two or more by that day, and
     *                                                                                         how many were pulled of each nest
     *
     * @throws ModelNotFoundException<ListRow> when the shop has no such thing
     */
    public function of(Shop $shop, string $tag, Day $day): array
    {
        [$asset, $known, $rules] = $this->known($shop, $tag, $day);

        return [
            'charts' => array_map(fn(ControlChart $chart): array => [...$this->writer->explained($asset, $chart, $rules->pullStandard), 'against' => self::against($asset, $chart->subgroups[0]->pull, $rules)], self::charts($known, $rules->pullStandard)),
            'practice' => array_map(static fn(Practice $one): array => ['nest' => $one->nest, 'pulls' => $one->pulls, 'of' => Practice::FIRST], Practice::of($asset, $known)),
        ];
    }

    /**
     * @return non-empty-list<list<string>> the subgroups of all its charts, with a head
     *
     * @throws ModelNotFoundException<ListRow> when the shop has no such thing
     */
    public function table(Shop $shop, string $tag, Day $day, DecimalSign $sign = DecimalSign::Point): array
    {
        [, $known, $rules] = $this->known($shop, $tag, $day);

        return $this->writer->table(self::charts($known, $rules->pullStandard), $sign);
    }

    /**
     * Writes into the model of a thing that what its pulls prove is proven, with them as the source.
     *
     * @throws ModelNotFoundException<ListRow> when the shop has no such thing
     * @throws ConflictHttpException           when they prove nothing that the model does not say already
     */
    public function prove(Shop $shop, string $tag, ChartSetting $setting, Day $day): Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($tag, $setting, $day): Written {
            [$asset, $known, $rules] = $this->known($locked, $tag, $day);
            $chart = ControlChart::of($known, $setting, $rules->pullStandard) ?? throw new ConflictHttpException('It was not pulled so.');
            $proven = Proven::of($asset->tool, $chart);
            if ($proven->offered === null || $proven->nest === null) {
                throw new ConflictHttpException(ucfirst(Words::for('proven', $proven->state->value)) . '.');
            }
            $source = sprintf('%s proven in nest "%s" by pulls: %s, %s to %s, capability %.2f.', $proven->size->written, $proven->nest, $tag, Words::counted(count($chart->subgroups), 'subgroup') . ' of ' . $chart->size, $day, $chart->capability);
            $place = new Place(WorkbookList::Tools->value, $asset->tool->id);
            $after = (new ObjectCodec())->write(Proven::written($asset->tool, $proven->nest, $proven->offered, $source));

            return $this->changes->write($locked, Event::Changed, [new Change($place, $this->changes->present($locked, $place), $after)]);
        });
    }

    /**
     * @return array{Asset, list<Entry>, HouseRules} what has happened to it by that day
     *
     * @throws ModelNotFoundException<ListRow> when the shop has no such thing
     */
    private function known(Shop $shop, string $tag, Day $day): array
    {
        $workbook = $this->shops->read($shop, Needs::of(assets: [$tag])->withLogOf([$tag]));
        $asset = array_column($workbook->register->assets, null, 'id')[$tag] ?? throw (new ModelNotFoundException())->setModel(ListRow::class);

        return [$asset, Log::of($workbook->register->log)->about($tag, $day), $workbook->rules()];
    }

    /** Why the thing is not meant for what was pulled: it is allowed, and told. Null where it is, or nothing was crimped on. */
    private static function against(Asset $asset, Pulled $pull, HouseRules $rules): ?string
    {
        if ($pull->terminal === null) {
            return null;
        }
        $isNest = in_array($pull->nest, array_map(static fn(Practice $one): string => $one->nest, Practice::of($asset, [])), true);

        return (new TrialWriter())->against((new Trial($rules))->ofTool($asset->tool, [$pull->wire], [$pull->terminal]), $isNest ? $pull->nest : null);
    }

    /**
     * @param list<Entry> $known
     *
     * @return list<ControlChart>
     */
    private static function charts(array $known, PullStandard $standard): array
    {
        return array_values(array_filter(array_map(static fn(ChartSetting $setting): ?ControlChart => ControlChart::of($known, $setting, $standard), ChartSetting::allOf($known))));
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
