<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Classes\AskedClass;
use App\Classes\ClassCalendar;
use App\Classes\ClassReader;
use App\Http\Requests\ClassFileRequest;
use App\Http\Requests\RotationRequest;
use App\Print\ClassSheet;
use App\Print\Paper;
use Gondrik\Core\Output\CourseWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Who of a class is when at which station: as somebody draws it, as short as can be, and as it is kept, on paper and in calendars. */
final class RotationController extends Controller
{
    /** For each question: somebody waits for the answer. */
    private const SECONDS = 8.0;

    /** What a class is told on every sheet. */
    private const CARE = 'Eye protection on before anything is cut. Nobody tests an edge by finger; hands stay clear of jaws and presses. Who is unsure, or hurt, stops and asks. Local codes and whoever is licensed come first.';

    public function __construct(private readonly ClassReader $classes) {}

    /** The timetable that a drawn class has, with all that is wrong with it. */
    public function tried(RotationRequest $request): JsonResponse
    {
        $class = $this->drawn($request);

        return $this->json((new CourseWriter($class->workbook))->course($class->course()));
    }

    public function shortest(RotationRequest $request): JsonResponse
    {
        $class = $this->drawn($request);

        return $this->json((new CourseWriter($class->workbook))->rotation($class->rotation(self::SECONDS, $request->now())));
    }

    public function worth(RotationRequest $request): JsonResponse
    {
        return $this->json(CourseWriter::worth($this->drawn($request)->worth($request->more(), self::SECONDS)));
    }

    public function print(ClassFileRequest $request, Paper $paper, string $id): Response
    {
        $class = $this->kept($request, $id);
        $sheet = new ClassSheet($class->course(), $class->workbook);

        return self::pdf($id, $paper->pdf('paper.class', [
            'title' => $class->session->name,
            'on' => $class->session->on?->plain(),
            'sheets' => $request->input('sheets') === 'stations' ? $sheet->ofStations() : $sheet->ofPeople(),
            'care' => self::CARE,
        ]));
    }

    public function calendar(ClassFileRequest $request, string $id): Response
    {
        $class = $this->kept($request, $id);
        $of = $request->of();
        if ($of !== null && !in_array($of, [...$class->session->people, ...$class->session->stations], true)) {
            throw new NotFoundHttpException('"' . $of . '" is no person and no station of this class.');
        }
        $on = $request->day() ?? $class->session->on ?? throw new ConflictHttpException('The class has no day yet: say on which day it is.');

        return new Response(ClassCalendar::text($this->shop($request), $class, $on, $of), headers: ['Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => 'attachment; filename="' . $id . '.ics"']);
    }

    /** What is handed out is what is kept, so that it is the same for everybody. */
    private function kept(ClassFileRequest $request, string $id): AskedClass
    {
        $class = $this->classes->kept($this->shop($request), $id);

        return $class->session->timetable === [] ? throw new ConflictHttpException('The class keeps no timetable yet: keep one, then hand it out.') : $class;
    }

    private function drawn(RotationRequest $request): AskedClass
    {
        return $this->classes->drawn($this->shop($request), self::item($request, 'session'));
    }
}
