<?php

declare(strict_types=1);

namespace App\Console\Benches\Pages;

use App\Console\Benches\Shops\Visitor;
use App\Models\Build\Build;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;

/** A page with all that follows it in requests of its own. */
final readonly class Page
{
    private function __construct(public string $path, private int $status = 200)
    {
    }

    /** What everybody who is signed in gets on any page, and nothing else. */
    public static function nothing(): self
    {
        return new self('/nothing-is-here', 404);
    }

    /** @return list<self> every page of the shop, those of a build for the one with most operations */
    public static function all(): array
    {
        $build = Build::query()->open()->withCount('operations')->orderByDesc('operations_count')->firstOrFail();
        $pages = [];
        /** @var Route $route */
        foreach (Routes::getRoutes()->getRoutesByName() as $name => $route) {
            $isPage = in_array('GET', $route->methods(), true) && in_array('auth', $route->gatherMiddleware(), true)
                && preg_match('/\.(pdf|csv|zip|jpg)$|\{(scenario|model|file|operation|token|fallbackPlaceholder)\}/', $route->uri()) !== 1;
            if ($isPage && $name !== 'builds.route.compare' && $name !== 'builds.taking-in') {
                $pages[] = new self('/'.str_replace(['{build}', '/{number?}', '{board}', '{setback}'], [
                    (string) $build->number, '', (string) DB::table('boards')->whereNull('gone_at')->max('id'), (string) DB::table('setbacks')->max('id'),
                ], $route->uri()));
            }
        }

        return $pages;
    }

    public function open(Visitor $visitor): void
    {
        $answer = self::answered($visitor->get($this->path), $this->path, $this->status);
        // As long as a page of a crowd is, no pattern may look for its end.
        $begins = strpos($answer, '>', (int) strpos($answer, 'data-page="app"'));
        $ends = $begins === false ? false : strpos($answer, '</script>', $begins);
        if ($begins === false || $ends === false) {
            throw new RuntimeException("{$this->path} is no page.");
        }
        /** @var array{component: string, version: string, deferredProps?: array<string, list<string>>} $page */
        $page = json_decode(substr($answer, $begins + 1, $ends - $begins - 1), true, 512, JSON_THROW_ON_ERROR);
        foreach ($page['deferredProps'] ?? [] as $props) {
            self::answered($visitor->get($this->path, [
                'X-Inertia' => 'true', 'X-Inertia-Version' => $page['version'], 'X-Inertia-Partial-Component' => $page['component'],
                'X-Inertia-Partial-Data' => implode(',', $props),
            ]), $this->path);
        }
    }

    /** @throws RuntimeException when it was not answered */
    public static function answered(ResponseInterface $answer, string $path, ?int $status = null): string
    {
        if ($status === null ? $answer->getStatusCode() >= 400 : $answer->getStatusCode() !== $status) {
            throw new RuntimeException("{$path} was answered with {$answer->getStatusCode()}: ".mb_substr(strip_tags((string) $answer->getBody()), 0, 300));
        }

        return (string) $answer->getBody();
    }
}
