<?php

declare(strict_types=1);

namespace App\Print;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page of ours as a PDF on A4. What it draws with lies on this machine: nothing is fetched. */
final readonly class Paper
{
    /** Writes the Greek letters, the degree and the multiplication dot of our units; comes with the renderer. */
    private const FONT = 'DejaVu Sans';

    /**
     * @param view-string          $view of resources/views/paper
     * @param array<string, mixed> $data
     */
    public function pdf(string $view, array $data): string
    {
        return (string) $this->rendered($view, $data)->output();
    }

    /**
     * On one sheet, with as much on it as has room.
     *
     * @param view-string                         $view of resources/views/paper
     * @param int                                 $most of what may stand on it
     * @param \Closure(int): array<string, mixed> $data with so much of it, or less
     */
    public function onOneSheet(string $view, int $most, \Closure $data): string
    {
        // Nobody knows how high a text stands before it is set: so much has room, and so much has not.
        [$has, $fits, $not] = [null, 0, $most + 1];
        for ($try = $most; $not - $fits > 1; $try = intdiv($fits + $not, 2)) {
            $pdf = $this->rendered($view, $data($try));
            if ($pdf->getCanvas()->get_page_count() === 1) {
                [$has, $fits] = [$pdf, $try];
            } else {
                $not = $try;
            }
        }

        return (string) ($has ?? $this->rendered($view, $data(0)))->output();
    }

    /**
     * @param view-string          $view
     * @param array<string, mixed> $data
     */
    private function rendered(string $view, array $data): Dompdf
    {
        $options = new Options([
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'isJavascriptEnabled' => false,
            'defaultFont' => self::FONT,
            'fontCache' => self::scratch('fonts'),
            'tempDir' => self::scratch('pdf'),
            'chroot' => resource_path('views/paper'),
        ]);
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4');
        $pdf->loadHtml(view($view, $data)->render(), 'UTF-8');
        $pdf->render();

        return $pdf;
    }

    /** A folder to write to; the packages' own are read-only to the web server. */
    private static function scratch(string $name): string
    {
        $folder = storage_path('framework/' . $name);
        if (!is_dir($folder)) {
            @mkdir($folder, 0o775, true);
        }

        return $folder;
    }
}
