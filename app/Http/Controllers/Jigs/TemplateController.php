<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jigs;

use App\Actions\Bench\Photographs;
use App\Actions\Jigs\KeepBit;
use App\Actions\Jigs\KeepTemplate;
use App\Actions\Jigs\MakeTemplate;
use App\Http\Requests\AskRequest;
use App\Http\Requests\Jigs\BitRequest;
use App\Http\Requests\Jigs\CheckRequest;
use App\Http\Requests\Jigs\DamageRequest;
use App\Http\Requests\Jigs\FileRequest;
use App\Http\Requests\Jigs\OnceRequest;
use App\Http\Requests\Jigs\TemplateRequest;
use App\Http\Requests\Jigs\UseRequest;
use App\Http\Requests\Stores\BoardPhotographRequest;
use App\Http\Requests\VersionRequest;
use App\Models\Build\Build;
use App\Models\Jigs\Bit;
use App\Models\Jigs\Template;
use App\Models\Jigs\TemplateFile;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Jigs\BuildTemplatesPage;
use App\Queries\Jigs\TemplatePage;
use App\Queries\Jigs\TemplatesPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Templates, tools for a single use, and bits. */
final class TemplateController
{
    public function index(TemplatesPage $page): Page
    {
        return $page->data();
    }

    public function show(Template $template, AskRequest $request, TemplatePage $page): Page
    {
        return $page->data($template, $request->person(), $request->integer('build'));
    }

    public function ofBuild(Build $build, BuildTemplatesPage $page): Page
    {
        return $page->data($build);
    }

    public function store(TemplateRequest $request, MakeTemplate $make): RedirectResponse
    {
        $template = $make->after($request->person(), $request->build(), $request->shape(), $request->words('name'), $request->words('made_of'), $request->words('place'), $request->bit());

        return redirect()->route('templates.one', $template)->with('done', "It is template {$template->id}: write that on it.");
    }

    public function once(OnceRequest $request, MakeTemplate $make): RedirectResponse
    {
        $make->once($request->person(), $request->build(), trim($request->string('name')->toString()), trim($request->string('place')->toString()));

        return back()->with('done', 'Noted.');
    }

    public function change(Template $template, TemplateRequest $request, KeepTemplate $keep): RedirectResponse
    {
        $keep->change($request->person(), $template, $request->version(), $request->words('name'), $request->words('made_of'), $request->words('place'), $request->bit());

        return back()->with('done', 'Written down.');
    }

    public function check(Template $template, CheckRequest $request, KeepTemplate $keep): RedirectResponse
    {
        $keep->check($request->person(), $template, $request->version(), $request->boolean('good'), trim($request->string('words')->toString()));

        return back()->with('done', $request->boolean('good') ? 'Checked: it is good.' : 'It is marked as damaged.');
    }

    public function damage(Template $template, DamageRequest $request, KeepTemplate $keep): RedirectResponse
    {
        $keep->damage($request->person(), $template, $request->version(), trim($request->string('where')->toString()));

        return back()->with('done', 'It is marked as damaged. What it was used on since its last check stands here.');
    }

    public function retire(Template $template, VersionRequest $request, KeepTemplate $keep, #[CurrentUser] Person $by): RedirectResponse
    {
        $keep->retire($by, $template, $request->version());

        return back()->with('done', 'It is not used any more.');
    }

    public function used(Template $template, UseRequest $request, KeepTemplate $keep): RedirectResponse
    {
        $keep->used($request->person(), $template, $request->version(), $request->build());

        return back()->with('done', 'Written down.');
    }

    public function photograph(Template $template, BoardPhotographRequest $request, Photographs $photographs): RedirectResponse
    {
        $photographs->ofTemplate($request->person(), $template, $request->photograph(), trim($request->string('caption')->toString()));

        return back()->with('done', 'The photograph stands with it.');
    }

    public function addFile(Template $template, FileRequest $request, KeepTemplate $keep): RedirectResponse
    {
        $keep->file($request->person(), $template, $request->upload(), $request->name());

        return back()->with('done', 'The file stands with it.');
    }

    /** As it came; a browser only saves it. */
    public function file(TemplateFile $file): Response
    {
        return response((string) base64_decode($file->content, true), 200, [
            'Content-Type' => 'application/octet-stream', 'Content-Disposition' => 'attachment; filename="'.preg_replace('/[^A-Za-z0-9._-]+/', '-', $file->name).'"',
        ]);
    }

    public function bit(BitRequest $request, KeepBit $keep): RedirectResponse
    {
        $keep->takeIn($request->person(), trim($request->string('name')->toString()), $request->integer('most'));

        return back()->with('done', 'Written down.');
    }

    public function sharpened(Bit $bit, VersionRequest $request, KeepBit $keep, #[CurrentUser] Person $by): RedirectResponse
    {
        $keep->sharpened($by, $bit, $request->version());

        return back()->with('done', 'Its metres are counted from nothing again.');
    }
}
