@if ($gauge->says() !== '')<p class="gauge-says" data-gauge-says>{{ $gauge->says() }}</p>@endif
@foreach ($gauge->cautions() as $caution)<p class="sentence" data-tone="stop">{{ $caution }}</p>@endforeach
