<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Geometry\Svg\SvgOutline;
use Regimen\Instrument\Body\BodyOutline;
use Regimen\Units\UnreadableFile;
use Regimen\Units\Words;

/** An imported outline can be read, and says how even it is (G19). */
final class Outline implements Check
{
    public function judge(Workings $w): iterable
    {
        $body = $w->specification->bodywork;
        if ($body->outline !== BodyOutline::Imported) {
            return;
        }
        try {
            $outline = SvgOutline::read($body->outlineSvg, $body->bodyWidth->mm)->outline;
            yield Finding::note('outline', 'Imported outline')
                ->says(
                    Words::number($outline->area() / 100, 0).' cm², '.Words::number($outline->perimeter(), 0)
                        .' mm around, '
                    .Words::number($outline->along()->length(), 0).' long; its halves differ by up to '
                    .Words::mm($outline->asymmetry()).'.',
                )
                ->because('Curves are followed within 0.05 mm.')
                ->at('outlineSvg', 'bodyWidth');
        } catch (UnreadableFile $wrong) {
            yield Finding::stop('outline', 'The outline cannot be read')
                ->says($wrong->getMessage())
                ->because('The house’s first outline is drawn in its place.')
                ->at('outlineSvg', 'outline')
                ->fix('Take the house’s “river”', ['outline' => 'river']);
        }
    }
}
