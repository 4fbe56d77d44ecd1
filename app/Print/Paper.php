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

        return (string) $pdf->output();
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
