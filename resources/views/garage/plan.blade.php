@if ($plan === null)
    <p class="sentence">Once this is paired with the rest of a rig, the rig is drawn and planned here as you type. A dimension that cannot be stops the drawing until it is corrected.</p>
@else
    @php($elevation = $plan->elevation())
    <x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Drawing\Sheet::around($elevation, 3.4)" :stances="$elevation->stances()" role="img" aria-label="The rig as predicted, alone, dropped and carried; its figures stand in the table after it" />
    <x-figures-table :plan="$plan" :elevation="$elevation" caption="The rig as predicted" />
    @include('plan.summary')
@endif
