<?php

declare(strict_types=1);

namespace App\Interchange\Job;

use App\Models\RigSnapshot;
use App\Words\ExpectedWords;
use App\Words\Text;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Throwable;
use Yoke\CoreException;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\Text\LengthParser;
use Yoke\Rig\Parts\Check\CollectProblems;

/** Whether a file is a job file that can be taken in, against its schema and the rules of the core. */
final class FileCheck
{
    private const MOST_MEGABYTES = 8;

    private const MEGABYTE = 1_048_576;

    private const DEPTH = 64;

    /** A height is written down from what was typed: they differ by rounding alone, mm. */
    private const ROUNDING_MM = 0.1;

    private const SCHEMA = 'schema/job-2.schema.json';

    /** A name is plain text: no markup, no way to another folder, no line of its own. */
    private const NAMES = ['name', 'title', 'email', 'state'];

    private const NOT_IN_NAMES = '~[<>[:cntrl:]]|\.\.[/\\\\]|^[/\\\\]|^[a-z]:\\\\|^(?:javascript|data|file):~iu';

    /**
     * What stands in a file, as long as it is small enough to be one.
     *
     * @throws ImportRefused
     */
    public static function contents(string $path): string
    {
        if (! is_file($path)) {
            throw ImportRefused::unreadable(basename($path));
        }
        if (filesize($path) > self::MOST_MEGABYTES * self::MEGABYTE) {
            throw ImportRefused::tooLarge(self::MOST_MEGABYTES);
        }

        return (string) file_get_contents($path);
    }

    /**
     * @return array<string, mixed> the content of a file that may be taken in
     *
     * @throws ImportRefused
     */
    public function read(string $json): array
    {
        if (strlen($json) > self::MOST_MEGABYTES * self::MEGABYTE) {
            throw ImportRefused::tooLarge(self::MOST_MEGABYTES);
        }
        $content = json_decode($json, true, self::DEPTH);
        if (! is_array($content)) {
            throw ImportRefused::noJson();
        }
        if (($content['format'] ?? null) !== JobFile::FORMAT || ! is_int($content['version'] ?? null)) {
            throw ImportRefused::otherFormat();
        }
        if ($content['version'] > JobFile::VERSION) {
            throw ImportRefused::newer($content['version']);
        }
        $this->names($content, '');
        $this->schema($json);
        $this->rig($content);
        $this->heights($content['job']['readings']);
        $this->photos($content['job']['photos']);

        /** @var array<string, mixed> */
        return $content;
    }

    /** @param  array<array-key, mixed>  $tree */
    private function names(array $tree, string $at): void
    {
        foreach ($tree as $key => $value) {
            if (is_array($value)) {
                $this->names($value, "{$at}/{$key}");
            } elseif (
                is_string($value) &&
                in_array($key, self::NAMES, true) &&
                preg_match(self::NOT_IN_NAMES, $value) !== 0
            ) {
                throw ImportRefused::at("{$at}/{$key}", Text::of('expected.import.name'));
            }
        }
    }

    private function schema(string $json): void
    {
        $validator = new Validator();
        $validator->setMaxErrors(1);
        $result = $validator->validate(
            json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR),
            (string) file_get_contents(resource_path(self::SCHEMA)),
        );
        $error = $result->error();
        if ($error === null) {
            return;
        }
        $leaf = $this->leaf($error);
        throw ImportRefused::at('/'.implode('/', $leaf->data()->fullPath()), self::expected($leaf));
    }

    /** By the schema's keyword that was not kept to; one without a sentence of its own has the general one. */
    private static function expected(ValidationError $error): string
    {
        $says = Text::ifAny("expected.schema.{$error->keyword()}") !== '' ? $error->keyword() : 'other';
        $figures = array_filter(
            $error->args(),
            static fn (mixed $figure): bool => is_scalar($figure) || is_array($figure),
        );

        return Text::of(
            "expected.schema.{$says}",
            array_map(
                static fn (mixed $figure): string => is_array($figure)
                    ? implode(', ', array_filter($figure, is_scalar(...)))
                    : (string) $figure,
                $figures,
            ),
        );
    }

    private function leaf(ValidationError $error): ValidationError
    {
        $deeper = $error->subErrors();

        return $deeper === [] ? $error : $this->leaf($deeper[0]);
    }

    /** @param  list<array{typed: string, typed_unit: string, height_mm: float|int|null}>  $readings */
    private function heights(array $readings): void
    {
        foreach ($readings as $place => $reading) {
            if ($reading['height_mm'] === null) {
                continue;
            }
            try {
                $typed = (new LengthParser(LengthUnit::from($reading['typed_unit'])))
                    ->parse($reading['typed'])
                    ->length()
                    ->millimetres();
            } catch (CoreException) {
                $typed = null;
            }
            if ($typed === null || abs($typed - $reading['height_mm']) > self::ROUNDING_MM) {
                throw ImportRefused::at("/job/readings/{$place}/height_mm", Text::of('expected.import.height'));
            }
        }
    }

    /** @param  list<array{jpeg: string}>  $photos */
    private function photos(array $photos): void
    {
        foreach ($photos as $place => $photo) {
            if (! PhotoCheck::passes((string) base64_decode($photo['jpeg'], true))) {
                throw ImportRefused::at("/job/photos/{$place}/jpeg", Text::of('expected.import.picture'));
            }
        }
    }

    /** @param  array<array-key, mixed>  $content */
    private function rig(array $content): void
    {
        $rig = $content['rig'];
        foreach (
            [
                '/job/rig_as_worked' => $content['job']['rig_as_worked'],
                '/rig' => array_intersect_key($rig, Lists::PARTS),
            ] as $pointer => $sheet
        ) {
            try {
                $problems = new CollectProblems();
                (new RigSnapshot($sheet))->specified()->check($problems);
                $complaint = array_values(ExpectedWords::each($problems->all()))[0] ?? null;
            } catch (CoreException $impossible) {
                $complaint = ExpectedWords::of($impossible->expected());
            } catch (Throwable) {
                $complaint = Text::of('expected.import.no_rig');
            }
            if ($complaint !== null) {
                throw ImportRefused::at($pointer, $complaint);
            }
        }
    }
}
