<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CardRequest;
use App\Planning\AskedReport;
use App\Print\CardSheet;
use App\Print\Paper;
use App\Reading\ShopWorkbook;
use App\Reading\Snapshot;
use Gondrik\Core\Card\SetUpCard;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Output\CardWriter;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Set-up cards: one at a time on the screen, four to a sheet on paper. */
final class CardController extends Controller
{
    public function __construct(private readonly ShopWorkbook $workbooks) {}

    public function show(CardRequest $request): JsonResponse
    {
        return Snapshot::read(function () use ($request): JsonResponse {
            $order = $this->workbooks->order($this->shop($request), $request->scope());
            $at = $request->line() === null ? 0 : array_search($request->line(), $order, true);
            if ($at === false || !isset($order[$at])) {
                throw new NotFoundHttpException();
            }

            return $this->json($this->pages($request, $order, $at, 1)[0]);
        });
    }

    /** The cards of a scope in their order, for a device that keeps them: as many as are asked at once. */
    public function index(CardRequest $request): JsonResponse
    {
        return Snapshot::read(function () use ($request): JsonResponse {
            $order = $this->workbooks->order($this->shop($request), $request->scope());

            return $this->json(['cards' => $this->pages($request, $order, $request->at() - 1, CardRequest::MOST), 'of' => count($order)]);
        });
    }

    public function print(CardRequest $request, Paper $paper): Response
    {
        $report = $this->report($request);
        $lines = $request->ids('lines');
        if ($lines === [] && count($report->lines) > CardRequest::MOST) {
            throw new InvalidWorkbook([new Problem('lines', null, 'must name which lines: at most ' . CardRequest::MOST . ' cards are printed at once, the scope has ' . count($report->lines))]);
        }
        $writer = new CardWriter($request->units(), $request->day() !== null);
        $cards = array_map(
            static fn(LineCover $cover): array => $writer->explained(SetUpCard::of($report, $cover)),
            array_values(array_filter($report->lines, static fn(LineCover $cover): bool => $lines === [] || in_array($cover->line->id, $lines, true))),
        );

        return self::pdf('cards-' . $report->scope->id, $paper->pdf('paper.cards', [
            'title' => 'Set-up cards',
            'kit' => $report->kit->of->name,
            'scope' => $report->scope->name,
            'on' => $request->day()?->plain(),
            'hand' => $report->kit->worker?->name,
            'sheets' => CardSheet::sheets($cards, $request->units()),
        ]));
    }

    /**
     * @param list<string> $order ids of all lines of the scope
     *
     * @return list<array{card: mixed, at: int, of: int, previous: string|null, next: string|null}> so many of them from a place, counted from 0
     */
    private function pages(CardRequest $request, array $order, int $from, int $most): array
    {
        $report = $this->report($request, array_slice($order, $from, $most));
        $writer = new CardWriter($request->units(), $request->day() !== null);

        return array_map(static fn(LineCover $cover, int $nth): array => [
            'card' => $writer->explained(SetUpCard::of($report, $cover)),
            'at' => $from + $nth + 1,
            'of' => count($order),
            'previous' => $order[$from + $nth - 1] ?? null,
            'next' => $order[$from + $nth + 1] ?? null,
        ], $report->lines, array_keys($report->lines));
    }

    /** @param list<string>|null $lines only these of the scope; null for all */
    private function report(CardRequest $request, ?array $lines = null): Report
    {
        $workbook = $this->workbooks->pair($this->shop($request), $request->kit(), $request->scope(), lines: $lines, withDays: $request->day() !== null, withSkills: $request->hand() !== null);

        return (new AskedReport($request->day(), $request->hand()))->report($workbook);
    }
}
