<?php

declare(strict_types=1);

namespace App\Actions\Jigs;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Jigs\Bit;
use App\Models\Jigs\Template;
use App\Models\Jigs\TemplateState;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Jigs\TemplateShape;

/** A template is made after the specification of a build as it stands; or a tool for a single use is noted. */
final readonly class MakeTemplate
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function after(Person $by, Build $build, TemplateShape $shape, string $name, string $madeOf, string $place, ?Bit $bit): Template
    {
        return $this->recording->keep(function () use ($by, $build, $shape, $name, $madeOf, $place, $bit): Template {
            $revision = $build->specification;
            $template = Template::query()->create([
                'name' => $name, 'shape' => $shape, 'build_id' => $build->id, 'revision' => $revision->number, 'client' => $revision->client, 'house' => $revision->house, 'made_of' => $madeOf, 'place' => $place,
                'bit_id' => $bit?->id, 'state' => TemplateState::Good, 'at' => $this->clock->now(), 'person_id' => $by->id,
            ])->refresh();
            if ($template->workings() === null) {
                throw Refused::because('The specification of that build cannot be read any more; nothing can be cut after it.', 'build');
            }
            $this->recording->log($build, $by, 'template', ucfirst("{$template->title()}, made after revision {$revision->number}."));

            return $template;
        });
    }

    public function once(Person $by, ?Build $build, string $name, string $place): Template
    {
        return $this->recording->keep(function () use ($by, $build, $name, $place): Template {
            $template = Template::query()->create(['name' => $name, 'build_id' => $build?->id, 'place' => $place, 'state' => TemplateState::Good, 'at' => $this->clock->now(), 'person_id' => $by->id])->refresh();
            $this->recording->log($build, $by, 'template', "Noted: {$name}".($place === '' ? '.' : ", {$place}."));

            return $template;
        });
    }
}
