<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Actions\Clients\AskDecision;
use App\Documents\Clients\ClientHtml;
use App\Models\Bench\Photograph;
use App\Models\Build\BuildStatus;
use App\Models\Client\ClientPage;
use App\Models\Client\Decision;
use App\Queries\Clients\ClientSheetQuery;
use App\Support\Clock;
use App\Support\PhotographFiles;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** What a client sees at their private address: no session, no sign-in, and nothing of anybody else. */
final class ClientPageController
{
    /** So many days after it is finished the page is still there: then it is handed over (house convention). */
    private const AFTER = 30;

    private const SAID = ['thanks' => 'Thank you, it is written down.', 'already' => 'That was answered before; nothing was changed.', 'choose' => 'Choose one of the answers that stand there.'];

    public function show(string $token, Request $request, ClientSheetQuery $query, ClientHtml $html, Clock $clock): Response
    {
        $page = self::page($token, $clock);

        return self::private(response($html->page($query->of($page->build), "/c/{$token}", self::SAID[$request->string('said')->toString()] ?? '')));
    }

    public function photograph(string $token, int $photograph, PhotographFiles $files, Clock $clock): Response
    {
        $page = self::page($token, $clock);
        $one = Photograph::query()->where('build_id', $page->build_id)->where('for_client', true)->find($photograph) ?? abort(404);
        $bytes = $files->read($one->sha256, true) ?? $files->read($one->sha256, false) ?? abort(404);

        return self::private(response($bytes, 200, ['Content-Type' => 'image/jpeg']));
    }

    public function answer(string $token, int $decision, Request $request, AskDecision $ask, Clock $clock): RedirectResponse
    {
        $page = self::page($token, $clock);
        $one = Decision::query()->where('build_id', $page->build_id)->find($decision) ?? abort(404);
        $answer = $request->input('answer');
        $answer = is_string($answer) ? trim(mb_substr($answer, 0, 300)) : '';
        if ($answer === '' || ! mb_check_encoding($answer, 'UTF-8')) {
            return redirect("/c/{$token}?said=choose");
        }
        try {
            $ask->answer(null, $one, $answer, 'by the client on their page');
        } catch (ValidationException) {
            return redirect("/c/{$token}?said=".($one->refresh()->answered_at === null ? 'choose' : 'already'));
        }

        return redirect("/c/{$token}?said=thanks");
    }

    /** One that is revoked, of an instrument that was handed over, or guessed: they all look alike. */
    private static function page(string $token, Clock $clock): ClientPage
    {
        $page = ClientPage::query()->with('build')->where('token_hash', ClientPage::hash($token))->whereNull('revoked_at')->first() ?? abort(404);
        $isOver = $page->build->status !== BuildStatus::Open && ($page->build->status !== BuildStatus::Finished || $page->build->finished_at === null || $page->build->finished_at->addDays(self::AFTER) < $clock->now());

        return $isOver ? abort(404) : $page;
    }

    private static function private(Response $response): Response
    {
        return $response->header('Cache-Control', 'private, no-store')->header('X-Robots-Tag', 'noindex, nofollow')->header('Referrer-Policy', 'no-referrer');
    }
}
