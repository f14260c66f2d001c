<?php

declare(strict_types=1);

namespace Regimen\Revision;

use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\BoxOperation;
use Regimen\Route\Operations\CoatOperation;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;

/**
 * What of a specification is in the wood already: once an operation has begun, what it makes cannot be wished otherwise any more
 * (common practice). What is possible instead is said with it.
 */
final readonly class MadeAlready
{
    private const NECK = 'a new neck';

    private const BOARD = 'a new fretboard';

    private const BODY = 'a new body';

    private function __construct(public string $label, public string $from, public string $to, public string $operation, public string $possible)
    {
    }

    /**
     * @param  array<string, string>  $begun  names of operations that have begun or are done, by key
     * @return list<self> what changed between two revisions and is made already, by the order of the specification
     */
    public static function between(ReadSpecification $before, ReadSpecification $after, array $begun): array
    {
        $made = [];
        foreach (SpecificationFields::all() as $key => $field) {
            [$operations, $possible] = self::by($key);
            $was = $before->printed($field);
            $is = $after->printed($field);
            foreach ($was === $is ? [] : $operations as $operation) {
                if (isset($begun[$operation])) {
                    $made[] = new self($field->label, $was, $is, $begun[$operation], $possible);
                    break;
                }
            }
        }

        return $made;
    }

    public function sentence(): string
    {
        return "{$this->label} cannot become {$this->to} any more: “{$this->operation}” has begun. Possible is {$this->possible}, or leaving it at {$this->from}.";
    }

    /** @return array{list<string>, string} the operations that make a field final, and what is possible once they have begun */
    private static function by(string $field): array
    {
        $of = static fn (string $possible, \BackedEnum ...$operations): array => [array_map(static fn (\BackedEnum $one): string => (string) $one->value, array_values($operations)), $possible];

        return match ($field) {
            'neckTimber', 'neckCut', 'laminations' => $of(self::NECK, NeckOperation::Square, NeckOperation::Laminate, NeckOperation::Channel),
            'stiffeningRods', 'rods', 'rodSpacing', 'rodLength', 'rodDepth', 'rodWidth', 'rodAccess' => $of(self::NECK, NeckOperation::Channel, NeckOperation::Rods),
            'thicknessFirst', 'thicknessTwelfth', 'depthCurve', 'profile', 'asymmetry', 'heelThickness', 'heelWidth' => $of(self::NECK.', or a thinner one where there is wood to take off', NeckOperation::Carve),
            'volute' => $of(self::NECK, NeckOperation::Volute, NeckOperation::Carve),
            'headstock', 'headAngle', 'headConstruction', 'headStep', 'headLength', 'tuners', 'tunerLayout' => $of(self::NECK, HeadstockOperation::Construct, HeadstockOperation::SawAngle, HeadstockOperation::StepDown, HeadstockOperation::TunerHoles),
            'headThickness', 'veneer' => $of('another veneer', HeadstockOperation::Thickness, HeadstockOperation::Veneer),
            'firstPost', 'tunerSpacing', 'tunerHole', 'posts' => $of('filling the holes and drilling again', HeadstockOperation::TunerHoles),
            'scale', 'scaleTreble', 'squareFret', 'frets', 'zeroFret', 'slotWidth', 'slotDepth' => $of(self::BOARD, FretboardOperation::Slots),
            'boardTimber', 'boardThickness' => $of(self::BOARD, FretboardOperation::Thickness, FretboardOperation::Slots),
            'nutWidth', 'lastWidth', 'overhang', 'boardLength' => $of(self::BOARD, FretboardOperation::Taper),
            'radius', 'radiusEnd' => $of(self::BOARD.', or a flatter radius where there is wood to take off', FretboardOperation::Radius),
            'markers', 'markerMaterial', 'markerDiameter' => $of(self::BOARD, FretboardOperation::Markers),
            'boardBinding' => $of(self::BOARD, FretboardOperation::Binding),
            'crownWidth', 'crownHeight', 'tangDepth' => $of('pulling the frets and setting others', FretboardOperation::Fret),
            'joint', 'neckAngle', 'pocketDepth', 'pocketLength', 'pocketWidth', 'joinFret' => $of(self::BODY, JointOperation::Pocket, JointOperation::Mortise, JointOperation::Tenon, JointOperation::Wings),
            'outline', 'bodyWidth', 'outlineSvg' => $of(self::BODY, BodyOperation::Outline),
            'body', 'layers', 'bodyThickness', 'bodyPieces', 'bodyCut' => $of(self::BODY, BodyOperation::Joint, BodyOperation::Thickness, BodyOperation::Layers, BodyOperation::GlueLayers, BoxOperation::Top),
            'boxDepthTail', 'boxDepthNeck', 'sideTimber', 'sideThickness' => $of(self::BODY.', or a shallower one until it is closed', BoxOperation::BendSides),
            'backTimber', 'backThickness', 'backBraces' => $of('a new back until the box is closed, then a new body', BoxOperation::Back, BoxOperation::BraceBack),
            'bracing', 'braces', 'braceTimber', 'braceHeight', 'braceWidth', 'bridgePlate', 'bridgePlateTimber' => $of('a new top until the box is closed, then a new body', BoxOperation::BraceTop),
            'soundHole', 'soundHoleBefore', 'rosette' => $of('a new top until the box is closed, then a new body', BoxOperation::Rosette),
            'purfling' => $of(self::BODY, BoxOperation::Bind),
            'bridgeWide', 'bridgeDeep' => $of('another bridge on the same place', BoxOperation::GlueBridge),
            'chamberShare', 'chamberDepth', 'weightRelief' => $of(self::BODY, BodyOperation::Chambers, BodyOperation::GlueLayers),
            'cavities', 'pickups' => $of('filling the cavity and cutting another, which shows', BodyOperation::Cavities),
            'edges', 'edgeRadius', 'contours' => $of('rounding further, not less', BodyOperation::Edges),
            'bodyBinding', 'bodyBindingHeight' => $of(self::BODY, BodyOperation::Binding),
            'bridge', 'bridgeRecess', 'saddleFront', 'stringPath', 'tailDistance', 'mountingSpan', 'singleLength', 'singleWidth' => $of('plugging the holes and setting another, which shows', JointOperation::Bridge),
            'finish', 'colour', 'grainFill' => $of('taking the finish off again', FinishOperation::Fill, FinishOperation::Colour, FinishOperation::Stain, FinishOperation::Burst, FinishOperation::Seal, ...CoatOperation::cases()),
            'neckFinish', 'neckColour' => $of('taking the finish of the neck off again', FinishOperation::NeckBack),
            'pots', 'capacitors', 'switch', 'electronics' => $of('another harness', ElectronicsOperation::Harness),
            'gauges', 'tuning' => $of('another nut and set-up', AssemblyOperation::Nut),
            default => [[], ''],
        };
    }
}
