<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\MeasurePart;
use App\Actions\Specification\AcceptFinding;
use App\Actions\Specification\DropRevision;
use App\Actions\Specification\ReleaseSpecification;
use App\Actions\Specification\SaveSpecification;
use App\Actions\Specification\StartRevision;
use App\Documents\BenchFiles;
use App\Http\Requests\Kit\MeasureRequest;
use App\Http\Requests\Specification\AcceptFindingRequest;
use App\Http\Requests\Specification\ImportRequest;
use App\Http\Requests\Specification\SpecificationRequest;
use App\Http\Requests\Specification\WorkOutRequest;
use App\Http\Requests\VersionRequest;
use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\SpecificationRevision;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Specification\ImportLook;
use App\Queries\Specification\OutlinesPage;
use App\Queries\Specification\RevisionsPage;
use App\Queries\Specification\SpecificationPage;
use App\Queries\Specification\WorkedOut;
use App\Support\Refused;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as FileResponse;
use Regimen\Formats\Json\SpecificationFile;
use Regimen\Instrument\InvalidSpecification;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Units\UnreadableFile;

final class SpecificationController
{
    public function show(
        Build $build,
        SpecificationPage $page,
        #[CurrentUser] Person $viewer,
        ?int $number = null,
    ): Page {
        return $page->data($build, $this->revision($build, $number), $viewer->isManager());
    }

    public function outlines(): Page
    {
        return OutlinesPage::page();
    }

    public function workOut(Build $build, WorkOutRequest $request, WorkedOut $workedOut): JsonResponse
    {
        $build->load('acceptedFindings.person');

        return response()->json($workedOut->of($request->typed(), $this->revision($build, null)->house, $build));
    }

    public function store(Build $build, SpecificationRequest $request, SaveSpecification $save): RedirectResponse
    {
        try {
            $save($request->person(), $build, $request->version(), $request->typed());
        } catch (InvalidSpecification $wrong) {
            return back()->withErrors($wrong->problems);
        }

        return back()->with('done', 'Specification saved.');
    }

    public function release(Build $build, VersionRequest $request, ReleaseSpecification $release): RedirectResponse
    {
        $release($request->person(), $build, $request->version());

        return back()->with('done', 'Released to the bench.');
    }

    public function begin(
        Build $build,
        Request $request,
        StartRevision $start,
        #[CurrentUser] Person $manager,
    ): RedirectResponse {
        $revision = $start($manager, $build);

        return redirect()->route('specification', $build)->with(
            'done', "Revision {$revision->number} is begun as a copy of the last one.",
        );
    }

    public function drop(Build $build, VersionRequest $request, DropRevision $drop): RedirectResponse
    {
        $drop($request->person(), $build, $request->version());

        return redirect()->route('specification', $build)->with(
            'done', 'The revision is discarded; the logbook keeps what it said.',
        );
    }

    public function accept(Build $build, AcceptFindingRequest $request, AcceptFinding $accept): RedirectResponse
    {
        $accept(
            $request->person(), $build, $request->version(), $request->string('key')->toString(),
            $request->string('reason')->toString(),
        );

        return back()->with('done', 'Accepted, with the reason.');
    }

    public function lookAt(Build $build, ImportRequest $request, ImportLook $look): JsonResponse
    {
        return response()->json($look->of($build, (string) $request->file('file')->get()));
    }

    public function import(Build $build, ImportRequest $request, SaveSpecification $save): RedirectResponse
    {
        try {
            $file = SpecificationFile::read((string) $request->file('file')->get());
        } catch (UnreadableFile $wrong) {
            throw Refused::because($wrong->getMessage()."\nNothing was changed.", 'file');
        }
        $save($request->person(), $build, $request->version(), $file->client, $file->house);

        $aside = array_map(
            static fn (string $field, string $why): string => SpecificationFields::all()[$field]->label." ({$why})",
            array_keys($file->read->leftAside()),
            $file->read->leftAside(),
        );

        return back()->with(
            'done',
            'The specification from the file is saved in this revision.'.(
                $aside === []
                    ? ''
                    : ' What does not apply to this instrument is kept and left aside: '.implode('; ', $aside).'.'
            ),
        );
    }

    public function revisions(Build $build, Request $request, RevisionsPage $page): Page
    {
        return $page->data($build, $request->integer('from'), $request->integer('to'));
    }

    public function file(Build $build, int $number, string $file, BenchFiles $files): FileResponse
    {
        [$content, $type] = $files->file($build, $this->revision($build, $number), $file) ?? abort(404);

        return response(
            $content,
            200,
            [
                'Content-Type' => $type,
                'Content-Disposition' => "attachment; filename=\"{$build->number}-r{$number}-{$file}\"",
            ],
        );
    }

    public function measure(Build $build, MeasureRequest $request, MeasurePart $measure): RedirectResponse
    {
        $part = $request->string('part')->toString();
        $line = ctype_digit($part)
            ? KitLine::query()->where('build_id', $build->id)->find((int) $part) ?? abort(404)
            : null;
        $measured = $measure(
            $request->person(), $build, $line, $part, $request->string('field')->toString(),
            trim($request->string('value')->toString()), trim($request->string('instrument')->toString()),
        );

        return back()->with('done', "Measured on {$measured->part}: {$measured->value}.");
    }

    /** The one of that number; without a number what is being written, or what holds. */
    private function revision(Build $build, ?int $number): SpecificationRevision
    {
        $revisions = $build->revisions()->reorder('number', 'desc');

        return ($number === null ? $revisions : $revisions->where('number', $number))->first() ?? abort(404);
    }
}
