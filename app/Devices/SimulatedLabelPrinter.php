<?php

declare(strict_types=1);

namespace App\Devices;

use App\Documents\LabelsPdf;
use App\Pages\Parts\Label;
use App\Support\Clock;
use Illuminate\Support\Facades\File;

/** Stands in for a printer with a roll of labels: what it prints lies as a PDF, a page for each label, in a folder. */
final readonly class SimulatedLabelPrinter implements LabelPrinter
{
    public function __construct(private LabelsPdf $pdf, private Clock $clock)
    {
    }

    public function name(): string
    {
        return 'simulated label printer';
    }

    /** @param  non-empty-list<Label>  $labels */
    public function print(array $labels): string
    {
        $folder = self::folder();
        File::ensureDirectoryExists($folder);
        $file = 'labels-'.$this->clock->now()->format('Ymd-His').'-'.substr(hash('xxh128', serialize($labels)), 0, 6).'.pdf';
        File::put("{$folder}/{$file}", $this->pdf->roll($labels));

        return "{$file} in the folder of the simulated printer";
    }

    public static function folder(): string
    {
        return storage_path('app/labels');
    }
}
