<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Gauge\Gauges;
use App\Http\Requests\PullRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\StreamedEvent;
use Illuminate\Routing\ResponseFactory;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The gauges of the installation, as their reader has them. */
final class GaugeController extends Controller
{
    public function index(Gauges $gauges): JsonResponse
    {
        return $this->json(['data' => $gauges->all()]);
    }

    /** One pull while it goes on, as server-sent events. */
    public function pull(PullRequest $request, Gauges $gauges, ResponseFactory $answer, string $gauge): StreamedResponse
    {
        return $answer->eventStream(static function () use ($gauges, $gauge, $request): \Generator {
            foreach ($gauges->pull($gauge, $request->test(), $request->by()) as $event) {
                yield new StreamedEvent($event['kind'], $event);
            }
        }, endStreamWith: null);
    }
}
