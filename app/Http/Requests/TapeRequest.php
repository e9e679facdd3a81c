<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bench\Entry;
use App\Bench\Magnification;
use App\Bench\Place;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Yoke\Measure\LengthParser;
use Yoke\Rig\Stance;
use Yoke\Tape\Settling;

/** The tape form of one station. Nothing typed is refused here: each entry says itself what is wrong with it. */
final class TapeRequest extends FormRequest
{
    private const LONGEST_TEXT = 200;

    /** @return list<Entry> the fields that were sent, in the order of the form */
    public function entries(Stance $stance, bool $eachSide): array
    {
        $settling = $this->boolean('rolled') ? Settling::Rolled : Settling::NotRolled;
        $entries = [];
        foreach (Place::fieldsOf($stance, $eachSide) as $place) {
            $typed = $this->input("typed.{$place->field()}");
            if (is_string($typed) || $this->has("typed.{$place->field()}")) {
                $entries[] = Entry::read($place, $this->text($typed), $settling, $this->basedOn($place), $this->parser());
            }
        }

        return $entries;
    }

    public function magnification(): Magnification
    {
        return Magnification::asked($this->input('height'));
    }

    public function person(): User
    {
        /** @var User */
        return $this->user();
    }

    private function text(mixed $typed): string
    {
        return is_string($typed) ? mb_substr($typed, 0, self::LONGEST_TEXT) : '';
    }

    private function basedOn(Place $place): ?int
    {
        $id = $this->input("based_on.{$place->field()}");

        return is_numeric($id) ? (int) $id : null;
    }

    private function parser(): LengthParser
    {
        return $this->person()->lengthParser();
    }
}
