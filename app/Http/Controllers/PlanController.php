<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use App\Http\Resources\ThingsById;
use App\LongQuestions\Asker;
use App\Planning\SeenPlan;
use App\Planning\ShopPlan;
use App\Print\Paper;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Output\PlanWriter;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Planning\BuyingRow;
use Gondrik\Core\Planning\Plan;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\Planner;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\PriceWanted;
use Gondrik\Core\Planning\Substitutes;
use Gondrik\Core\Ruler\ToolRuler;
use Gondrik\Core\Value\Deadline;
use Gondrik\Core\Wording\LineName;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What to do about a kit. Nothing is written here. */
final class PlanController extends Controller
{
    /** Seconds after which the best found is told, with what is proven of it. */
    public const PATIENCE = 20.0;

    public function __construct(private readonly ShopWorkbook $workbooks) {}

    public function show(PlanRequest $request): JsonResponse
    {
        // As it is when it is read: it knows its version afterwards.
        $row = $this->shop($request);
        $shop = $request->workbook($this->workbooks, $row);
        $question = $request->question($shop);
        $plan = (new Planner($question, self::patient()))->plan();
        $rulers = new RulerWriter($request->units());
        $spoken = $plan->tools();
        $named = [...$request->ids('with'), ...$request->ids('without')];
        $tools = array_column([...$spoken, ...array_filter($shop->tools, static fn(object $tool): bool => in_array($tool->id, $named, true))], null, 'id');

        $writer = new PlanWriter($request->units());

        return $this->json([
            'plan' => $writer->explained($plan, $question),
            'lines' => (object) $writer->lineNames($plan),
            'seen' => $request->canBeAccepted() ? SeenPlan::of($row, $question, $plan)?->seal() : null,
            'tools' => (object) (new ThingsById(true))->tools(array_values($tools)),
            'lanes' => (object) array_map($rulers->lanes(...), array_map(ToolRuler::of(...), $tools)),
            'ticks' => $rulers->ticks(),
        ]);
    }

    /** What less and more money would do, exactly, and what buying in steps comes to: it may take a while. */
    public function curve(PlanRequest $request): JsonResponse
    {
        $planner = new Planner($request->question($request->workbook($this->workbooks, $this->shop($request))), self::patient());
        $writer = new PlanWriter();

        return $this->json(['exact' => $writer->curve($planner->curve()), 'inSteps' => $writer->curve($planner->inSteps())]);
    }

    /** Other terminals for lines that the kit cannot make, each with what it would take. */
    public function substitutes(PlanRequest $request): JsonResponse
    {
        $shop = $request->workbook($this->workbooks, $this->shop($request), isOfTerminals: true);
        $question = $request->question($shop);
        $offers = (new Substitutes($question, $shop->terminals, Deadline::whenGone(Asker::ofJson())))->offers();

        $names = array_column($shop->terminals, 'name', 'id');
        $exchange = $request->exchange()->terminals;
        $says = [];
        foreach ($question->scopes as $of) {
            foreach ($of->scope->whole()->lines as $line) {
                $says[$of->scope->id . '/' . $line->id] = LineName::of($line);
            }
        }

        return $this->json([
            'exchanged' => array_map(static fn(string $line, string $terminal): array => ['line' => $line, 'terminal' => $terminal, 'name' => $names[$terminal] ?? $terminal, 'says' => $says[$line] ?? $line], array_keys($exchange), $exchange),
            'offers' => (new PlanWriter($request->units()))->offers($offers, $question),
        ]);
    }

    /** Tools that would close what stays open, had they a price: of the shop, and of the shelf. */
    public function unpriced(PlanRequest $request): JsonResponse
    {
        $shop = $request->workbook($this->workbooks, $this->shop($request));
        $tools = (new ShopPlan($shop, $request->ruleChoice()))->withoutPrice($request->asked(), BuiltIn::read()->workbook->tools);
        $offers = (new PlanWriter($request->units()))->unpriced((new PriceWanted($request->question($shop), $tools))->offers());
        $own = array_column($shop->tools, 'id');

        return $this->json(['offers' => array_map(static fn(array $one): array => [...$one, 'isOnShelf' => !in_array($one['tool'], $own, true)], $offers)]);
    }

    /** What to come by, to be sent to whoever buys. */
    public function buyingList(PlanRequest $request): StreamedResponse
    {
        [$question, $plan] = $this->planned($request);

        $sign = $this->decimalSign($request);

        return self::csv('buying-list-' . $question->kit->of->id, (new PlanWriter($request->units()))->buyingList(BuyingRow::of($plan, $question), $question, $sign), $sign);
    }

    /** The same on paper. */
    public function printedBuyingList(PlanRequest $request, Paper $paper): Response
    {
        [$question, $plan] = $this->planned($request);
        $rows = (new PlanWriter($request->units()))->buyingList(BuyingRow::of($plan, $question), $question);

        return self::pdf('buying-list-' . $question->kit->of->id, $paper->pdf('paper.buying-list', [
            'title' => 'Buying list',
            'kit' => $question->kit->of->name,
            'work' => implode(', ', array_map(static fn(PlannedScope $of): string => $of->scope->name, $question->scopes)),
            'date' => now()->isoFormat('D MMMM YYYY'),
            'rows' => array_slice($rows, 1),
            'total' => sprintf('%d.%02d', intdiv($plan->cost, 100), $plan->cost % 100),
            'currency' => $this->shop($request)->refresh()->currency,
        ]));
    }

    /** As long as somebody waits for the answer. */
    private static function patient(): Deadline
    {
        return Deadline::in(self::PATIENCE, Asker::ofJson());
    }

    /** @return array{PlanQuestion, Plan} */
    private function planned(PlanRequest $request): array
    {
        $question = $request->question($request->workbook($this->workbooks, $this->shop($request)));

        return [$question, (new Planner($question, Deadline::in(self::PATIENCE)))->plan()];
    }
}
