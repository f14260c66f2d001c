<?php

declare(strict_types=1);

namespace Regimen\Jigs;

use Regimen\Drawing\BoardView;
use Regimen\Drawing\BodyTemplate;
use Regimen\Drawing\HeadView;
use Regimen\Drawing\Shape;
use Regimen\Drawing\SideView;
use Regimen\Drawing\View;
use Regimen\Figures\Workings;
use Regimen\Geometry\Polygon;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\BoxOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;

/** What a template is the shape of. */
enum TemplateShape: string
{
    case Body = 'body';
    case Headstock = 'headstock';
    case Neck = 'neck-side';
    case Fretboard = 'fretboard';

    public function words(): string
    {
        return match ($this) {
            self::Body => 'body outline',
            self::Headstock => 'headstock',
            self::Neck => 'neck from the side',
            self::Fretboard => 'fretboard',
        };
    }

    /** @return list<string> the operations that are done along it, by key */
    public function operations(): array
    {
        return array_map(static fn (\BackedEnum $one): string => (string) $one->value, match ($this) {
            self::Body => [BodyOperation::Outline, BodyOperation::Cavities, JointOperation::Pocket, BoxOperation::BendSides],
            self::Headstock => [NeckOperation::Outline, HeadstockOperation::TunerHoles],
            self::Neck => [NeckOperation::Rough, NeckOperation::RoughAndRest],
            self::Fretboard => [FretboardOperation::Slots, FretboardOperation::Taper],
        });
    }

    public static function of(string $operation): ?self
    {
        foreach (self::cases() as $shape) {
            if (in_array($operation, $shape->operations(), true)) {
                return $shape;
            }
        }

        return null;
    }

    /** As it is drawn at 1:1 without words and fills. */
    public function view(Workings $w): View
    {
        return match ($this) {
            self::Body => BodyTemplate::draw($w),
            self::Headstock => HeadView::draw($w),
            self::Neck => SideView::neckOf($w),
            self::Fretboard => BoardView::draw($w),
        };
    }

    /** Its line, with its place on the instrument at the origin: the nut, or where the body begins. */
    public function line(Workings $w): Polygon
    {
        $largest = null;
        foreach ($this->view($w)->shapes as $shape) {
            if ($shape->kind === Shape::LINE && $shape->closed && $shape->layer === 'outline' && count($shape->points) > 2) {
                $polygon = Polygon::of($shape->points);
                $largest = $largest === null || $polygon->area() > $largest->area() ? $polygon : $largest;
            }
        }
        $line = $largest ?? throw new \LogicException("Nothing is drawn of the {$this->words()}.");

        return $this === self::Body ? $line->fitted(1.0, -$w->body()->begins, 0.0) : $line;
    }
}
