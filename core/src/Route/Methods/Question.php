<?php

declare(strict_types=1);

namespace Regimen\Route\Methods;

use Regimen\Instrument\Fretboard\MarkerShape;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;

/** Where makers disagree (TRADE section 2): both schools are supported, the first choice is the trade's usual one. */
enum Question: string
{
    case Slots = 'slots';
    case Markers = 'markers';
    case Frets = 'frets';
    case Carve = 'carve';
    case LacqueredBoard = 'lacquered-board';
    case TunerHoles = 'tuner-holes';
    case BoltHoles = 'bolt-holes';
    case Cutting = 'cutting';
    case JointGlue = 'joint-glue';
    case MarkerGlue = 'marker-glue';
    case BindingGlue = 'binding-glue';
    case RodGlue = 'rod-glue';
    case BoxBinding = 'box-binding';
    case GluedBridge = 'glued-bridge';

    public function words(): string
    {
        return match ($this) {
            self::Slots => 'Fret slots',
            self::Markers => 'Face markers',
            self::Frets => 'Fretting',
            self::Carve => 'Carving the neck',
            self::LacqueredBoard => 'Clear coat on a lacquered board',
            self::TunerHoles => 'Tuner holes',
            self::BoltHoles => 'Bolt holes',
            self::Cutting => 'The first cut waits for',
            self::JointGlue => 'Joints are glued with',
            self::MarkerGlue => 'Markers are set with',
            self::BindingGlue => 'Binding is glued with',
            self::RodGlue => 'Stiffening rods are set in',
            self::BoxBinding => 'A box is bound',
            self::GluedBridge => 'A bridge is glued on',
        };
    }

    /** @return list<Choice> the trade's usual one first */
    public function choices(): array
    {
        return array_map(static fn (array $row): Choice => new Choice(...$row), match ($this) {
            self::Slots => [
                ['before', 'before the board is glued', 'A spoiled slot costs a board, not a neck.'],
                ['after', 'after the board is glued', 'Straighter against the neck; a bad slot spoils the neck.'],
                [
                    'arc',
                    'after the radius, following it',
                    'One depth under the arc, so that the edges keep the tang; wants a saw with a stop, and a bad slot '
                        .'spoils the neck.',
                ],
            ],
            self::Markers => [
                [
                    'before',
                    'before the radius',
                    'On the flat board the centres are easy to find; the depth has to allow for the radius.',
                ],
                [
                    'after',
                    'after the radius',
                    'No depth problem for dots off the centre; the centres are harder to find on the curve.',
                ],
            ],
            self::Frets => [
                [
                    'on', 'on the neck, after the radius',
                    'The neck is the support; ends are dressed with the neck’s edge.',
                ],
                [
                    'off',
                    'off the neck, before it is glued',
                    'Ends are easy and the board lies flat under the press; it is then glued with a shaped or padded '
                        .'caul.',
                ],
            ],
            self::Carve => [
                ['after', 'after the radius', 'The square back is the flat reference for board and radius.'],
                [
                    'before', 'before the board is glued',
                    'Suits a neck carved by machine; from then on it lies in a cradle.',
                ],
            ],
            self::LacqueredBoard => [
                ['cleared', 'before the frets go in', 'A clean film up to the fret, and nothing to mask.'],
                [
                    'masked',
                    'after the frets, each masked',
                    'About an hour and a half more for the masking; film may chip at the fret’s foot.',
                ],
            ],
            self::TunerHoles => [
                ['after', 'after the headstock is at thickness', 'Clean exits at the finished face.'],
                [
                    'before',
                    'before the headstock is cut',
                    'The blank is still square for the template; the thicknessing may tear at the holes.',
                ],
            ],
            self::BoltHoles => [
                [
                    'after',
                    'after the last sanding',
                    'The last shaping of the heel moves the neck a hair; the holes then fit it.',
                ],
                ['before', 'before the last sanding', 'Repeatable on a machine; an offset can creep in.'],
            ],
            self::Cutting => [
                ['everything', 'all parts, measured', 'Nothing is cut to a data sheet that turns out wrong.'],
                [
                    'timber',
                    'the timber only',
                    'The design stays open and can start earlier; each part is still measured before the cut that '
                        .'depends on it.',
                ],
            ],
            self::JointGlue => [
                ['wood-glue', 'wood glue', 'The house’s holds are given for it.'],
                ['hide-glue', 'hide glue', 'Can be opened again; holds half as long again and wants quick hands.'],
                ['epoxy', 'epoxy', 'Fills gaps and brings no water; hard to open again.'],
            ],
            self::MarkerGlue => [
                ['epoxy', 'epoxy', 'Fills round the marker; sets overnight.'],
                ['superglue', 'superglue', 'Goes on at once; wicks into open grain and fills no gap.'],
            ],
            self::BindingGlue => [
                ['celluloid-cement', 'celluloid cement', 'Melts into the binding; sets overnight, shrinks a little.'],
                ['superglue', 'superglue', 'Goes on at once; brittle, and stains bare timber.'],
            ],
            self::RodGlue => [
                ['epoxy', 'epoxy', 'Carbon and steel hold in it, and it brings no water.'],
                ['wood-glue', 'wood glue', 'For rods of timber; its water can bow a thin shaft.'],
            ],
            self::BoxBinding => [
                ['before', 'before the neck’s joint is cut', 'The ledge runs on without a gap; the joint is cut through the bindings.'],
                ['after', 'after the neck is fitted', 'Bindings meet the heel without a line; the cutter has to stop at the joint.'],
            ],
            self::GluedBridge => [
                ['after', 'after the finish', 'Nothing has to be masked and the film runs on; it is scraped away under the bridge.'],
                ['before', 'before the finish', 'Glued to bare wood at once; it is masked round, and the film ends at its edge.'],
            ],
        });
    }

    public function usual(): string
    {
        return $this->choices()[0]->key;
    }

    public function choice(string $key): ?Choice
    {
        foreach ($this->choices() as $choice) {
            if ($choice->key === $key) {
                return $choice;
            }
        }

        return null;
    }

    /** Whether the instrument asks it at all. */
    public function arisesFor(Specification $s): bool
    {
        return match ($this) {
            self::Markers, self::MarkerGlue => $s->board->markers !== MarkerShape::None,
            self::LacqueredBoard => $s->boardIsLacquered(),
            self::BoltHoles => in_array($s->joinery->joint, [NeckJoint::BoltOn, NeckJoint::Mortise], true),
            self::BindingGlue => $s->board->boardBinding->mm > 0 || $s->bodywork->bodyBinding->mm > 0,
            self::RodGlue => $s->neck->stiffeningRods,
            self::BoxBinding => $s->isBox() && $s->bodywork->bodyBinding->mm > 0,
            self::GluedBridge => $s->isBox(),
            self::TunerHoles => $s->head->headstock->hasPosts(),
            default => true,
        };
    }
}
