<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Exception\UnreadableLength;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\Text\CalledSixteenths;
use Yoke\Foundation\Units\Text\LengthParser;

it('writes out what is called as whole inches and sixteenths', function (string $called, string $written): void {
    expect(CalledSixteenths::written($called))->toBe($written);
})->with([
    'six sixteenths' => ['38 6', '38 6/16'],
    'two figures' => ['38 15', '38 15/16'],
    'spaces about' => ['  38   6 ', '38 6/16'],
    'a fraction stays' => ['38 3/8', '38 3/8'],
    'a decimal stays' => ['38.5', '38.5'],
    'millimetres stay' => ['978 mm', '978 mm'],
    'a whole inch stays' => ['38', '38'],
    'three figures stay' => ['38 150', '38 150'],
    'feet stay' => ["3' 2", "3' 2"],
    'a sign stays' => ['-38 6', '-38 6'],
    'nothing' => ['', ''],
    'words' => ['thirty eight', 'thirty eight'],
]);

it('means the sixteenths of an inch, all sixteen of them and no more', function (): void {
    $parser = new LengthParser(LengthUnit::Inch);
    foreach (range(1, 15) as $sixteenths) {
        expect($parser->parse(CalledSixteenths::written("38 {$sixteenths}"))->length()->inches())->toEqualWithDelta(
            38 + $sixteenths / 16,
            1e-12,
        );
    }
    expect(fn () => $parser->parse(CalledSixteenths::written('38 16')))->toThrow(UnreadableLength::class);
});
