<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DayRequest;
use App\Print\Paper;
use App\Register\DueFeed;
use App\Register\Dues;
use Gondrik\Core\OnDay\AssetDue;
use Gondrik\Core\OnDay\AwayCode;
use Gondrik\Core\Value\Day;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What is to be done to things: on paper, and as a calendar under an address of its own. */
final class DueController extends Controller
{
    public function print(DayRequest $request, Dues $dues, Paper $paper): Response
    {
        $shop = $this->shop($request)->refresh();
        $today = $request->today();

        return self::pdf('dues', $paper->pdf('paper.dues', [
            'title' => 'What is due',
            'shop' => $shop->name,
            'today' => $today->plain(),
            'to' => $today->plus(Dues::DAYS)->plain(),
            'weeks' => array_map(static fn(array $week): array => array_map(self::row(...), $week), $dues->byWeek($shop, $today)),
        ]));
    }

    public function feed(DueFeed $feed, string $key): Response
    {
        $shop = $feed->shopOf($key) ?? throw new NotFoundHttpException();

        return new Response($feed->text($shop, Day::read(now()->toDateString())), headers: ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'no-store']);
    }

    /** Whether there is a calendar, and since when; its address is told only when it is made. */
    public function state(Request $request): JsonResponse
    {
        return $this->json(['since' => $this->shop($request)->refresh()->feed_since?->toIso8601ZuluString()]);
    }

    /** Its address is told from the root on: by which name somebody reaches this server, the server does not know. */
    public function renew(Request $request, DueFeed $feed): JsonResponse
    {
        return $this->json(['address' => '/api/v1/feeds/' . $feed->renew($this->shop($request)) . '.ics'], 201);
    }

    public function takeBack(Request $request, DueFeed $feed): Response
    {
        $feed->takeBack($this->shop($request));

        return response()->noContent();
    }

    /** @return array{tag: string, model: string, kind: string, when: string, where: string} */
    private static function row(AssetDue $due): array
    {
        $thing = $due->thing;

        return [
            'tag' => $thing->asset->id,
            'model' => $thing->asset->tool->name,
            'kind' => $due->state->due->kind->value,
            'when' => $due->on?->plain() ?? match ($due->state->code) {
                AwayCode::DueNever => 'never done',
                AwayCode::DueFailed => 'failed',
                default => 'by its counter',
            },
            'where' => $thing->out === null ? $thing->home->name ?? 'the shelf' : 'out: ' . $thing->out->to->name(),
        ];
    }
}
