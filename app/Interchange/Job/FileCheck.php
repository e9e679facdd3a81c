<?php

declare(strict_types=1);

namespace App\Interchange\Job;

use App\Models\RigAsWorked;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Throwable;
use Yoke\Rig\Check\CollectProblems;

/** Whether a file is a job file that can be taken in, against its schema and the rules of the core. */
final class FileCheck
{
    private const MOST_MEGABYTES = 8;

    private const MEGABYTE = 1_048_576;

    private const DEPTH = 64;

    /** A picture as this program draws it begins so (JFIF), and holds nothing of a camera. */
    private const DRAWN = "\xFF\xD8\xFF\xE0";

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
            throw ImportRefused::noJson(json_last_error_msg());
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
            } elseif (is_string($value) && in_array($key, self::NAMES, true) && preg_match(self::NOT_IN_NAMES, $value) !== 0) {
                throw ImportRefused::at("{$at}/{$key}", 'Expected a name in plain text, without markup and without a path.');
            }
        }
    }

    private function schema(string $json): void
    {
        $validator = new Validator;
        $validator->setMaxErrors(1);
        $result = $validator->validate(json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR), (string) file_get_contents(resource_path(self::SCHEMA)));
        $error = $result->error();
        if ($error === null) {
            return;
        }
        $leaf = $this->leaf($error);
        throw ImportRefused::at('/'.implode('/', $leaf->data()->fullPath()), rtrim((new ErrorFormatter)->formatErrorMessage($leaf), '.').'.');
    }

    private function leaf(ValidationError $error): ValidationError
    {
        $deeper = $error->subErrors();

        return $deeper === [] ? $error : $this->leaf($deeper[0]);
    }

    /** @param  list<array{jpeg: string}>  $photos */
    private function photos(array $photos): void
    {
        foreach ($photos as $place => $photo) {
            $jpeg = (string) base64_decode($photo['jpeg'], true);
            if (! str_starts_with($jpeg, self::DRAWN) || str_contains($jpeg, "Exif\0") || @getimagesizefromstring($jpeg) === false) {
                throw ImportRefused::at("/job/photos/{$place}/jpeg", 'Expected a JPEG picture without data of a camera.');
            }
        }
    }

    /** @param  array<array-key, mixed>  $content */
    private function rig(array $content): void
    {
        $rig = $content['rig'];
        foreach (['/job/rig_as_worked' => $content['job']['rig_as_worked'], '/rig' => array_intersect_key($rig, Lists::PARTS)] as $pointer => $sheet) {
            try {
                $problems = new CollectProblems;
                (new RigAsWorked($sheet))->described()->check($problems);
                $complaint = array_values($problems->sentences())[0] ?? null;
            } catch (Throwable $impossible) {
                $complaint = $impossible->getMessage();
            }
            if ($complaint !== null) {
                throw ImportRefused::at($pointer, $complaint);
            }
        }
    }
}
