<?php

declare(strict_types=1);

namespace App\Actions\Jigs;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Jigs\Bit;
use App\Models\Jigs\Template;
use App\Models\Jigs\TemplateCheck;
use App\Models\Jigs\TemplateFile;
use App\Models\Jigs\TemplateState;
use App\Models\Jigs\TemplateUse;
use App\Models\People\Person;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Refused;
use Illuminate\Http\UploadedFile;
use Regimen\Figures\Workings;
use Regimen\Jigs\BitWear;
use Regimen\Jigs\TemplateFit;

/** Where a template lies, how it was checked, on what it was used, how it was spoiled, and its files. */
final readonly class KeepTemplate
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function change(Person $by, Template $template, int $version, string $name, string $madeOf, string $place, ?Bit $bit): void
    {
        $this->recording->keep(function () use ($by, $template, $version, $name, $madeOf, $place, $bit): void {
            Refused::ifStale($template->version, $version, $template->title());
            $template->update(['name' => $name, 'made_of' => $madeOf, 'place' => $place, 'bit_id' => $bit?->id, 'version' => $version + 1]);
            $this->recording->log($template->build, $by, 'template', ucfirst($template->title()).': what is known of it was changed.');
        });
    }

    public function check(Person $by, Template $template, int $version, bool $good, string $words): void
    {
        $this->recording->keep(function () use ($by, $template, $version, $good, $words): void {
            $this->mustBeInUse($template, $version);
            TemplateCheck::query()->create(['template_id' => $template->id, 'person_id' => $by->id, 'at' => $this->clock->now(), 'good' => $good, 'words' => $words]);
            $template->update($good
                ? ['state' => TemplateState::Good, 'damage' => '', 'damaged_at' => null, 'version' => $version + 1]
                : ['state' => TemplateState::Damaged, 'damage' => $words, 'damaged_at' => $this->clock->now(), 'version' => $version + 1]);
            $this->recording->log($template->build, $by, 'template', ucfirst($template->title()).', tried on scrap: '.($good ? 'good' : 'not good').($words === '' ? '.' : ", {$words}."));
        });
    }

    public function damage(Person $by, Template $template, int $version, string $where): void
    {
        $this->recording->keep(function () use ($by, $template, $version, $where): void {
            $this->mustBeInUse($template, $version);
            if ($template->state === TemplateState::Damaged) {
                throw Refused::because('It is marked as damaged already: '.$template->damage.'. Check it on scrap once it is mended.', 'where');
            }
            $template->update(['state' => TemplateState::Damaged, 'damage' => $where, 'damaged_at' => $this->clock->now(), 'version' => $version + 1]);
            $this->recording->log($template->build, $by, 'template', ucfirst($template->title()).", damaged: {$where}.");
        });
    }

    public function retire(Person $by, Template $template, int $version): void
    {
        $this->recording->keep(function () use ($by, $template, $version): void {
            $this->mustBeInUse($template, $version);
            $template->update(['state' => TemplateState::Retired, 'version' => $version + 1]);
            $this->recording->log($template->build, $by, 'template', ucfirst($template->title()).', is not used any more.');
        });
    }

    public function used(Person $by, Template $template, int $version, Build $build): void
    {
        $this->recording->keep(function () use ($by, $template, $version, $build): void {
            $this->mustBeInUse($template, $version);
            if ($template->state !== TemplateState::Good) {
                throw Refused::because("It is damaged: {$template->damage}. Check it on scrap before it spoils a body.", 'build');
            }
            $cut = 0;
            $made = $template->workings();
            if ($template->shape !== null && $made !== null) {
                $wanted = Workings::from(Revisions::read($build->specification));
                $fit = TemplateFit::of($template->shape, $made, $wanted);
                if ($fit->most === null) {
                    throw Refused::because($fit->words, 'build');
                }
                $cut = BitWear::along($template->shape->line($made)->perimeter(), $wanted->specification->bodyThickness()->mm);
            }
            TemplateUse::query()->create(['template_id' => $template->id, 'build_id' => $build->id, 'person_id' => $by->id, 'at' => $this->clock->now(), 'cut' => $template->bit_id === null ? 0 : $cut]);
            $template->update(['version' => $version + 1]);
            $bit = $template->bit_id === null ? null : Bit::query()->lockForUpdate()->find($template->bit_id);
            $bit?->update(['cut' => $bit->cut + $cut, 'version' => $bit->version + 1]);
            $this->recording->log($build, $by, 'template', ucfirst($template->title()).', was used.');
        });
    }

    public function file(Person $by, Template $template, UploadedFile $file, string $name): void
    {
        $content = (string) $file->get();
        $this->recording->keep(function () use ($by, $template, $content, $name): void {
            $sha = hash('sha256', $content);
            if (TemplateFile::query()->where('template_id', $template->id)->where('sha256', $sha)->exists()) {
                throw Refused::because('The same file stands with it already.', 'file');
            }
            TemplateFile::query()->create(['template_id' => $template->id, 'person_id' => $by->id, 'at' => $this->clock->now(), 'name' => $name, 'bytes' => strlen($content), 'sha256' => $sha, 'content' => base64_encode($content)]);
            $this->recording->log($template->build, $by, 'template', ucfirst($template->title()).": file {$name}.");
        });
    }

    private function mustBeInUse(Template $template, int $version): void
    {
        Refused::ifStale($template->version, $version, $template->title());
        if ($template->state === TemplateState::Retired) {
            throw Refused::because(ucfirst($template->title()).', is not used any more.');
        }
    }
}
