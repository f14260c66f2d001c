<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Actions\Route\MethodWords;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Route\Drafting;
use App\Planning\Route\Routes;
use App\Planning\Route\RouteSync;
use App\Planning\Route\RouteTrial;
use App\Planning\Specification\Revisions;
use App\Support\Refused;
use Regimen\Route\Methods\Methods;

/** A build is made in another way than the house makes it. */
final readonly class UseMethod implements Change, Lapses
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

    public function make(?Person $by): array
    {
        $build = $this->build();
        $problem = $this->trial($build)->problem;
        if ($problem !== null) {
            throw Refused::because($problem, 'answer');
        }
        $question = $this->body->text('question');
        $before = $build->methods[$question] ?? '';
        $build->update(['methods' => array_diff_assoc($this->own($build), $this->house->methods()->answers)]);
        $this->sync->apply($build, $this->drafting->draft(Revisions::read($build->specification)->orFail(), $build));

        return [
            'kind' => 'method', 'build' => $build->number, 'question' => $question, 'answer' => $before,
            'was' => $build->methods[$question] ?? '',
        ];
    }

    public function lapsed(): ?string
    {
        $build = $this->build();
        $question = $this->body->text('question');

        return match (true) {
            $build->status !== BuildStatus::Open => "{$build->name()} is not in the making any more.",
            $this->body->has('was') && ($build->methods[$question] ?? '') !== $this->body->text('was') => "{$build->name()} is made in another way since.",
            default => $this->trial($build)->problem,
        };
    }

    public function build(): Build
    {
        return Build::query()->with('specification')->where('number', $this->body->whole('build'))->firstOrFail();
    }

    private function trial(Build $build): RouteTrial
    {
        $methods = Methods::of($this->house->shop()->methods, $this->own($build));

        return RouteTrial::methods($build, $methods, $this->drafting, $this->routes, $this->house);
    }

    /** @return array<string, string> what this build answers for itself, with the answer that is asked for */
    private function own(Build $build): array
    {
        return array_filter([...$build->methods, $this->body->text('question') => $this->body->text('answer')]);
    }
}
