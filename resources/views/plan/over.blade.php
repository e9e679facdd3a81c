@foreach ($plan->complaints() as $sentence)
    <p class="do-next is-over">{{ $sentence }}</p>
@endforeach
@if ($plan->complaints() !== [])<p class="sentence" data-tone="caution">{{ __('rating.no_way_past') }}</p>@endif
