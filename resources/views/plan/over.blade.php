@php($complaints = $plan->ratings()->complaints())
@foreach ($complaints as [$sentence, $isOver])
    <p @class(['do-next is-over' => $isOver, 'sentence' => ! $isOver]) @if (! $isOver) data-tone="caution" @endif>{{ $sentence }}</p>
@endforeach
@if (array_filter(array_column($complaints, 1)) !== [])<p class="sentence" data-tone="caution">{{ __('rating.no_way_past') }}</p>@endif
