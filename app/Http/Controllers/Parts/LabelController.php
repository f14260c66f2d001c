<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Devices\LabelPrinter;
use App\Documents\LabelsPdf;
use App\Http\Controllers\Sheet;
use App\Http\Requests\Parts\LabelsRequest;
use App\Pages\Page;
use App\Pages\Parts\ScanProps;
use App\Queries\Parts\LabelsPage;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Labels: printed, and scanned again. */
final class LabelController
{
    public function show(LabelsPage $page): Page
    {
        return $page->data();
    }

    public function sheet(string $paper, LabelsRequest $request, LabelsPage $page, LabelsPdf $pdf): Response
    {
        $labels = $page->named($request->named());

        return $labels === [] ? abort(404) : Sheet::of($pdf->sheet($labels, Sheet::paper($paper)), 'labels');
    }

    public function print(LabelsRequest $request, LabelsPage $page, LabelPrinter $printer): RedirectResponse
    {
        $labels = $page->named($request->named());
        if ($labels === []) {
            throw Refused::because('None of these is in the stores any more. Nothing was printed.', 'labels');
        }

        return back()->with('done', ucfirst(Say::count(count($labels), 'label')).' printed: '.$printer->print($labels).'.');
    }

    public function scan(Request $request): Page
    {
        $unknown = $request->session()->get('unknown');

        return new ScanProps(is_string($unknown) ? $unknown : '');
    }

    /** What a label names is opened. */
    public function open(string $kind, string $name): RedirectResponse
    {
        $to = LabelsPage::leadsTo($kind, $name);

        return $to !== null ? redirect()->to($to) : redirect()->route('scan')->with('unknown', mb_substr("{$kind} {$name}", 0, 80).' is not in the stores. Is the label of another shop, or older than what it stands on?');
    }
}
