<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fields;

/** What is typed into a field. */
enum FieldKind: string
{
    case Length = 'length';
    case Signed = 'signed length';
    case Angle = 'angle';
    case Mass = 'mass';
    case Percent = 'percent';
    case Temperature = 'temperature';
    case Amount = 'amount of money';
    case Whole = 'whole number';
    case Choice = 'choice';
    case Timber = 'timber';
    case Name = 'name';
    case Text = 'text';
    case Prose = 'prose';
    case Gauges = 'gauges';
    case Tuning = 'tuning';
    case Masses = 'masses per length';
    case Resistance = 'resistance';
    case Resistances = 'resistances';
    case Capacitances = 'capacitances';
    case Positions = 'switch positions';
    case Points = 'points';
    case Numbers = 'whole numbers';
    case Rows = 'rows';
}
