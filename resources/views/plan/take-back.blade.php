@if ($plan->plan->takenBack() > 0)
    <div class="do-next">
        <p>{{ $plan->lifter() }}, on again after the job, will take back about {{ $plan->print->percent($plan->plan->takenBack()) }} of the front axle load: aim at 75 to 100 % without it. Fender heights mean nothing then; only scales do.</p>
        <x-derivation :terms="$plan->takeBackTerms()" :plan="$plan" summary="Where this comes from" />
    </div>
@endif
