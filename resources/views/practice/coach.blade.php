<div class="field"><label for="coach-{{ $for }}">{{ __('page/practice.index.coach') }}</label>
    <select id="coach-{{ $for }}" name="coach">@foreach (\Yoke\Proving\Practice\Coach\CoachMode::cases() as $coach)<option value="{{ $coach->value }}" @selected($coach === \Yoke\Proving\Practice\Coach\CoachMode::Hints)>{{ __("practice.coach.{$coach->value}") }}</option>@endforeach</select></div>
