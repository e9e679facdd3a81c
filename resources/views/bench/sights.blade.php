@php($sights = $page->sights())
<details class="levelling sights" id="seen" @if ($sights->isOpen()) open @endif>
    <summary>{{ __('sight.heading') }}</summary>
    <form method="post" action="{{ route('measures.store', [$page->job, $page->station->value]) }}">
        @csrf
        <input type="hidden" name="from" value="seen">
        <p class="who">{{ __('sight.how') }}</p>
        @foreach ($sights->all() as $sight)
            @php($chosen = $sights->chosen($sight))
            <div class="sight" role="group" aria-label="{{ \App\Words\SightWords::sight($sight) }}">
                <span>{{ \App\Words\SightWords::sight($sight) }}</span>
                @foreach ($sight->answers() as $seen)<button class="button is-small" name="{{ $sight->value }}" value="{{ $seen === $chosen ? '' : $seen->value }}" aria-pressed="{{ $seen === $chosen ? 'true' : 'false' }}">{{ \App\Words\SightWords::seen($seen) }}</button>@endforeach
            </div>
        @endforeach
    </form>
</details>
