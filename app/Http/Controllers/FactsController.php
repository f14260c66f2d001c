<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\FactsPdf;
use App\Models\Bench\Photograph;
use App\Models\Build\Build;
use App\Pages\Page;
use App\Queries\Delivery\FactsPage;
use Illuminate\Http\Response;

/** What a finished instrument is, and how it is looked after. */
final class FactsController
{
    public function show(Build $build, FactsPage $page): Page
    {
        return $page->data($build);
    }

    public function sheet(Build $build, string $paper, FactsPage $page, FactsPdf $pdf): Response
    {
        $facts = $page->data($build);
        $photographs = Photograph::query()->whereIn('id', $facts->photographs)->orderBy('id')->pluck('sha256')->all();

        return Sheet::of($pdf->of($facts, array_values($photographs), Sheet::paper($paper)), "facts-{$build->number}-{$paper}");
    }
}
