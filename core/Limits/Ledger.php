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
            $this->line('gross trailer weight on the ball', $kilograms($trailer->weight), 'ball_gross'),
            $this->line('gross trailer weight on the coupler', $kilograms($trailer->weight), 'coupler_gross'),
            $this->line('tongue weight on the coupler', $kilograms($trailer->tongueWeight), 'coupler_tongue'),
            $this->line("tongue weight on the receiver, {$stance}", $kilograms($trailer->tongueWeight), $this->receiverField($attitude)),
            $this->line('tongue weight for the bars', $kilograms($trailer->tongueWeight), 'bar_rating_high'),
            RatedLoad::atLeast('tongue weight for bars so stiff', $kilograms($trailer->tongueWeight), $this->ratings['bar_rating_low'] ?? null, 'bar_rating_low'),
            $this->line("trailer axles, {$stance}", $kilograms($trailer->weight - $attitude->load), 'trailer_gawr'),
            $this->line('trailer, gross', $kilograms($trailer->weight), 'trailer_gvwr'),
        ];

        if ($attitude->barMoment > 0.0) {
            $lines[] = $this->line("one spring bar, {$stance}", $kilograms($attitude->barLoad() / $bars), 'bar_rating_high');
        }

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
            $this->line("front axle, {$stance}", $frontNow, 'front_gawr'),
            $this->line("rear axle, {$stance}", $rearNow, 'rear_gawr'),
            $this->line("vehicle, {$stance}", $vehicle, 'vehicle_gvwr'),
            $this->line('combination', $combination, 'gcwr'),
            RatedLoad::atMost("front axle against alone, {$stance}", $frontNow, $front, 'front_axle'),
        ];
    }

    /** A receiver has two ratings: what it carries, and what it may where bars distribute. */
    private function receiverField(Attitude $attitude): string
    {
        return $attitude->barMoment > 0.0 ? 'receiver_distributing' : 'receiver_carrying';
    }

    private function line(string $what, Load $carries, string $field): RatedLoad
    {
        return RatedLoad::atMost($what, $carries, $this->ratings[$field] ?? null, $field);
    }
}
