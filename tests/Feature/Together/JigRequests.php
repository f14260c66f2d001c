<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use Closure;
use Illuminate\Http\UploadedFile;

/** What is done with templates and bits, and a shop in which it can be done. */
final class JigRequests
{
    /** @param  Closure(string, string, array<string, mixed>): void  $must */
    public static function fill(Closure $must): void
    {
        $must('post', '/bits', ['name' => '12 mm flush', 'most' => 40]);
        foreach (['body', 'headstock', 'fretboard'] as $shape) {
            $must('post', '/templates', ['name' => $shape, 'shape' => $shape, 'build' => 1, 'made_of' => 'birch ply', 'place' => 'rack 2', 'bit' => 1]);
        }
    }

    /** @return array<string, Whole> */
    public static function all(): array
    {
        $file = static fn (string $words): UploadedFile => UploadedFile::fake()->createWithContent('body.nc', $words);

        return [
            'POST templates' => new Whole('/templates', ['name' => 'neck', 'shape' => 'neck-side', 'build' => 1]),
            'POST templates/once' => new Whole('/templates/once', ['name' => 'caul for the waist', 'place' => 'drawer 3', 'build' => 1]),
            'PUT templates/{template}' => new Whole('/templates/1', ['version' => 1, 'name' => 'body, thick', 'made_of' => 'acrylic', 'place' => 'wall', 'bit' => '']),
            'POST templates/{template}/check' => new Whole('/templates/1/check', ['version' => 1, 'good' => '1', 'words' => 'on poplar']),
            'POST templates/{template}/damage' => new Whole('/templates/2/damage', ['version' => 1, 'where' => 'dipped at the tip']),
            'POST templates/{template}/uses' => new Whole('/templates/1/uses', ['version' => 1, 'build' => 1]),
            'POST templates/{template}/photographs' => new Whole('/templates/1/photographs', ['caption' => ''], ['photograph' => UploadedFile::fake()->image('template.jpg', 60, 40)]),
            'POST templates/{template}/files' => new Whole('/templates/1/files', [], ['file' => $file("G0 X0 Y0\n")]),
            'POST templates/{template}/retire' => new Whole('/templates/3/retire', ['version' => 1]),
            'POST bits' => new Whole('/bits', ['name' => '6 mm straight', 'most' => 25]),
            'POST bits/{bit}/sharpened' => new Whole('/bits/1/sharpened', ['version' => 1]),
        ];
    }
}
