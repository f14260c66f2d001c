<?php

declare(strict_types=1);

namespace App\Planning\Route;

use App\Models\Build\Build;
use App\Planning\House\House;
use App\Planning\Specification\Revisions;
use Regimen\Findings\Severity;
use Regimen\Route\Edits\EditedRoute;
use Regimen\Route\Judge\Damage;
use Regimen\Route\Methods\Methods;

/** A route as it would be with one change more or another method, beside what it is now. */
final readonly class RouteTrial
{
    /**
     * @param  string|null  $problem  why it cannot be done at all, with its fix
     * @param  list<Damage>  $broken  what it would spoil that was whole before
     */
    private function __construct(
        public Draft $before,
        public ?Draft $after,
        public string $words,
        public ?string $problem,
        public array $broken,
    ) {
    }

    /** @param  array<string, mixed>  $change */
    public static function change(Build $build, array $change, Drafting $drafting, Routes $routes, House $house): self
    {
        $kept = Routes::kept($build);
        $next = ($kept === [] ? 0 : max(array_keys($kept))) + 1;

        return self::of($build, $house->methods($build), $kept + [$next => $change], $next, $drafting, $routes, $house);
    }

    public static function methods(
        Build $build,
        Methods $methods,
        Drafting $drafting,
        Routes $routes,
        House $house,
    ): self {
        return self::of($build, $methods, Routes::kept($build), null, $drafting, $routes, $house);
    }

    /** @param  array<int, array<string, mixed>>  $changes */
    private static function of(
        Build $build,
        Methods $methods,
        array $changes,
        ?int $new,
        Drafting $drafting,
        Routes $routes,
        House $house,
    ): self {
        $specification = Revisions::read($build->specification)->orFail();
        $before = $drafting->draft($specification, $build);
        $edited = $routes->of($specification, $build, $methods, $changes);
        if ($new !== null && isset($edited->left[$new])) {
            return new self($before, null, '', $edited->left[$new], []);
        }
        $problem = self::misfit($house, $before->edited, $edited)
            ?? ($new === null ? self::clash($before, $edited) : null);

        return new self(
            $before, $drafting->worked($specification, $edited), $edited->words[$new] ?? '', $problem,
            self::newly($before->edited, $edited),
        );
    }

    /** What the shop lacks for the route now and did not lack before. */
    private static function misfit(House $house, EditedRoute $before, EditedRoute $after): ?string
    {
        $fit = $house->fit();

        return array_values(array_diff($fit->problems($after->route), $fit->problems($before->route)))[0] ?? null;
    }

    private static function clash(Draft $before, EditedRoute $after): ?string
    {
        $clash = $after->route->clashes[0] ?? null;

        return $clash === null || count($after->route->clashes) <= count($before->route->clashes)
            ? null
            : "{$clash->words()} {$clash->finding()->because}";
    }

    /** @return list<Damage> */
    private static function newly(EditedRoute $before, EditedRoute $after): array
    {
        $known = array_map(static fn (Damage $broken): string => $broken->key(), $before->damage());

        return array_values(
            array_filter(
                $after->damage(),
                static fn (Damage $broken): bool => ! in_array($broken->key(), $known, true),
            ),
        );
    }

    /** @return list<Damage> */
    public function stops(): array
    {
        return array_values(
            array_filter($this->broken, static fn (Damage $broken): bool => $broken->severity() === Severity::Stop),
        );
    }

    /** The route's open operations that a change touches must not be begun. */
    public static function untouched(Build $build, string ...$keys): ?string
    {
        $begun = $build->operations()->whereIn('key', $keys)->where('state', '!=', 'open')->first();

        return $begun === null
            ? null
            : "“{$begun->name}” is begun or done already; what has been worked stays as it was. Change what comes "
                .'after it.';
    }
}
