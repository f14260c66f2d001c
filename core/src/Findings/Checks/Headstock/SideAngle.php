<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Headstock;

use Regimen\Figures\InstrumentString;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Strings run straight to their posts. */
final class SideAngle implements Check
{
    public function judge(Workings $w): iterable
    {
        $angles = array_map(static fn (InstrumentString $string): float => $string->aside, $w->strings());
        $steep = array_keys(array_filter($angles, static fn (float $angle): bool => $angle > 12.0));
        if ($steep !== []) {
            yield Finding::warn('side-angle', 'Strings turn sideways at the nut')
                ->says(ucfirst(Words::strings($steep)).': up to '.Words::number(max($angles)).'°.')
                ->because('They bind in their slots and saw them wide.')
                ->at('posts', 'firstPost')
                ->fixBy($this->farther($w))
                ->fix('Place the posts by the layout', $w->specification->head->posts !== [] ? ['posts' => ''] : null);
        }
    }

    /** @return iterable<array{string, array<string, string>}> */
    private function farther(Workings $w): iterable
    {
        foreach ($w->specification->head->posts === [] ? [8, 15, 25, 40, 60] : [] as $by) {
            $post = $w->specification->head->firstPost->mm + $by;
            if ($post <= 150.0) {
                yield ['Put the first post '.Words::mm($post).' from the nut', ['firstPost' => Words::typed($post)]];
                yield [
                    'Put the first post '.Words::mm($post).' from the nut and match the headstock',
                    ['firstPost' => Words::typed($post), 'headLength' => ''],
                ];
            }
        }
    }
}
