<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Actions\House\KeepCopy;
use App\Actions\House\SetCopies;
use App\Backups\Everything;
use App\Http\Requests\House\CopiesRequest;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\House\HealthPage;
use App\Support\Audit;
use App\Support\Clock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Copies of the shop, and whether its machine is well. */
final class HealthController
{
    public function show(HealthPage $page): Page
    {
        return $page->data();
    }

    public function update(CopiesRequest $request, SetCopies $set): RedirectResponse
    {
        $set($request->person(), $request->version(), $request->folder(), $request->passphrase());

        return back()->with('done', 'Saved. The next copy is made that way.');
    }

    public function everything(Everything $everything, Audit $audit, Clock $clock, #[CurrentUser] Person $by): BinaryFileResponse
    {
        $file = sys_get_temp_dir().'/regimen-'.Str::random(20).'.zip';
        $everything->write($file);
        $audit->write('export', 'Everything was exported.', $by);

        return response()->download($file, "regimen-{$clock->now()->format('Y-m-d')}.zip")->deleteFileAfterSend();
    }

    public function copy(KeepCopy $keep, #[CurrentUser] Person $by): RedirectResponse
    {
        $failed = $keep($by);

        return $failed === null
            ? back()->with('done', 'A copy is made and checked.')
            : back()->withErrors(['conflict' => "No copy was made. {$failed}"]);
    }
}
