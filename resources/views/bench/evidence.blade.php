@if (count($advice->evidence()) > 0)
    <p class="evidence">
        <strong>{{ __('evidence.heading') }}</strong>
        @foreach ($advice->evidence() as $one)<span>{{ \App\Words\VerdictWords::evidence($one) }} <b>{{ \App\Words\VerdictWords::share($one->share) }}</b></span> @endforeach
    </p>
    @foreach ($advice->disagreements() as $sentence)<p class="sentence" data-tone="note">{{ $sentence }}</p>@endforeach
@endif
