<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Actions\Route\MethodWords;
use App\Models\Build\Build;
use App\Planning\House\House;
use App\Planning\Route\Drafting;
use App\Planning\Route\Routes;
use App\Planning\Route\RouteSync;
use App\Planning\Route\RouteTrial;
use App\Planning\Specification\Revisions;
use App\Support\Refused;
use Regimen\Route\Methods\Methods;

/** A build is made in another way than the house makes it. */
final readonly class UseMethod implements Change
{
    public function __construct(
        private Body $body,
        private House $house,
        private Routes $routes,
        private Drafting $drafting,
        private RouteSync $sync,
    ) {
    }

    public function words(): string
    {
        return "No. {$this->build()->number}: "
            .MethodWords::of([$this->body->text('question') => $this->body->text('answer')]).'.';
    }

    public function make(): array
    {
        $build = $this->build();
        [$question, $answer] = [$this->body->text('question'), $this->body->text('answer')];
        $own = array_filter([...$build->methods, $question => $answer]);
        $methods = Methods::of($this->house->shop()->methods, $own);
        $trial = RouteTrial::methods($build, $methods, $this->drafting, $this->routes, $this->house);
        if ($trial->problem !== null) {
            throw Refused::because($trial->problem, 'answer');
        }
        $before = $build->methods[$question] ?? '';
        $build->update(['methods' => array_diff_assoc($own, $this->house->methods()->answers)]);
        $this->sync->apply($build, $this->drafting->draft(Revisions::read($build->specification)->orFail(), $build));

        return ['kind' => 'method', 'build' => $build->number, 'question' => $question, 'answer' => $before];
    }

    public function build(): Build
    {
        return Build::query()->with('specification')->where('number', $this->body->whole('build'))->firstOrFail();
    }
}
