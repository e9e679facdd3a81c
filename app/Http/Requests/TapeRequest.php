<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\UseCases\Tape\Entry;
use App\UseCases\Tape\Place;
use Illuminate\Foundation\Http\FormRequest;
use Yoke\Foundation\Units\Text\CalledSixteenths;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Rig\Parts\Stance;

/** The tape form of one station. Nothing typed is refused here: each entry says itself what is wrong with it. */
final class TapeRequest extends FormRequest
{
    use TypedInput;

    /** @return list<Entry> the fields that were sent, in the order of the form */
    public function entries(Stance $stance): array
    {
        $settling = $this->boolean('rolled') ? Settling::Rolled : Settling::NotRolled;
        $entries = [];
        foreach (Place::allOf($stance) as $place) {
            $typed = $this->input("typed.{$place->field()}");
            if (is_string($typed)) {
                $entries[] = Entry::read(
                    $place,
                    $this->isCalledInSixteenths() ? CalledSixteenths::written($typed) : $typed,
                    $settling,
                    $this->basedOn($place),
                    $this->person()->lengthParser(),
                );
            }
        }

        return $entries;
    }

    private function isCalledInSixteenths(): bool
    {
        return $this->boolean('call') && $this->person()->callingPreferences()->sixteenths;
    }

    /** The round that the page was made for. */
    public function round(): ?int
    {
        $round = $this->input('round');

        return is_numeric($round) ? (int) $round : null;
    }

    private function basedOn(Place $place): ?int
    {
        $id = $this->input("based_on.{$place->field()}");

        return is_numeric($id) ? (int) $id : null;
    }
}
