@if ($plan === null)
    <p class="sentence">{{ __('page/garage.plan.once_this_is_paired_with') }}</p>
@else
    @php($elevation = $plan->drawing()->elevation())
    <x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Showing\Drawing\Canvas::around($elevation, 3.4)" :stances="$elevation->stances()" role="img" :aria-label="__('page/garage.plan.the_rig_as_predicted_alone')" />
    <x-figures-table :plan="$plan" :elevation="$elevation" :caption="__('page/garage.plan.the_rig_as_predicted')" />
    @include('plan.summary')
@endif
