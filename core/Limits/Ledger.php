<?php

declare(strict_types=1);

namespace Yoke\Limits;

use Yoke\Balance\Attitude;
use Yoke\Measure\Load;

/**
 * Who carries what against its rating, for a stance as predicted, before any tape comes out. Nothing is refused; what is
 * over is named. Distribution raises no rating.
 */
final readonly class Ledger
{
    /**
     * @param  array<string, Load>  $ratings  by field; a rating that is not known is left out
     * @param  array<string, Load>  $alone  what the vehicle's axles carry alone: `front_axle`, `rear_axle`; left out where not weighed
     */
    public function __construct(private array $ratings, private array $alone)
    {
    }

    /**
     * @param  string  $stance  in words, for the lines that differ between stances
     * @param  int  $bars  how many share the bar load
     * @return list<RatedLoad>
     */
    public function lines(Attitude $attitude, string $stance, int $bars): array
    {
        $kilograms = Load::ofKilograms(...);
        $trailer = $attitude->rig()->trailer();
        $lines = [
            RatedLoad::of('tongue weight on the ball', $kilograms($trailer->tongueWeight), $this->rating('ball_rating'), 'ball_rating'),
            RatedLoad::of('tongue weight on the coupler', $kilograms($trailer->tongueWeight), $this->rating('coupler_rating'), 'coupler_rating'),
            RatedLoad::of("tongue weight on the receiver, {$stance}", $kilograms($trailer->tongueWeight), $this->receiver($attitude), $this->receiverField($attitude)),
            RatedLoad::of('tongue weight for the bars', $kilograms($trailer->tongueWeight), $this->rating('bar_rating_high'), 'bar_rating_high'),
            RatedLoad::of("one spring bar, {$stance}", $kilograms($attitude->barLoad() / $bars), $this->rating('bar_rating_high'), 'bar_rating_high'),
            RatedLoad::of("trailer axles, {$stance}", $kilograms($trailer->weight - $attitude->load), $this->rating('trailer_gawr'), 'trailer_gawr'),
            RatedLoad::of('trailer, gross', $kilograms($trailer->weight), $this->rating('trailer_gvwr'), 'trailer_gvwr'),
        ];

        return [...$lines, ...$this->vehicleLines($attitude, $stance)];
    }

    /** @return list<RatedLoad> as far as the vehicle was weighed */
    private function vehicleLines(Attitude $attitude, string $stance): array
    {
        $front = $this->alone['front_axle'] ?? null;
        $rear = $this->alone['rear_axle'] ?? null;
        if ($front === null || $rear === null) {
            return [];
        }
        $frontNow = $front->plus(Load::ofKilograms($attitude->frontLoad()));
        $rearNow = $rear->plus(Load::ofKilograms($attitude->rearLoad()));
        $vehicle = $frontNow->plus($rearNow);
        $combination = $front->plus($rear)->plus(Load::ofKilograms($attitude->rig()->trailer()->weight));

        return [
            RatedLoad::of("front axle, {$stance}", $frontNow, $this->rating('front_gawr'), 'front_gawr'),
            RatedLoad::of("rear axle, {$stance}", $rearNow, $this->rating('rear_gawr'), 'rear_gawr'),
            RatedLoad::of("vehicle, {$stance}", $vehicle, $this->rating('vehicle_gvwr'), 'vehicle_gvwr'),
            RatedLoad::of('combination', $combination, $this->rating('gcwr'), 'gcwr'),
            RatedLoad::of("front axle against alone, {$stance}", $frontNow, $front, 'front_axle'),
        ];
    }

    /** A receiver has two ratings: what it carries, and what it may where bars distribute. */
    private function receiver(Attitude $attitude): ?Load
    {
        return $this->rating($this->receiverField($attitude));
    }

    private function receiverField(Attitude $attitude): string
    {
        return $attitude->barMoment > 0.0 ? 'receiver_distributing' : 'receiver_carrying';
    }

    private function rating(string $field): ?Load
    {
        return $this->ratings[$field] ?? null;
    }
}
