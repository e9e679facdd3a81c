@php($stays = fn (string $kind, int $many): string => match ($kind) {
    'token' => trans_choice('page/shop.restore.stays.token', $many),
    'calendar' => trans_choice('page/shop.restore.stays.calendar', $many),
    'card' => trans_choice('page/shop.restore.stays.card', $many),
    'person' => trans_choice('page/shop.restore.stays.person', $many),
    'ownership' => trans_choice('page/shop.restore.stays.ownership', $many),
    'work' => trans_choice('page/shop.restore.stays.work', $many),
    default => trans_choice('page/shop.restore.stays.customer', $many),
})
<x-layout :title="__('page/shop.restore.title')" here="account">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/shop.restore.title') }} <span class="font-normal text-muted">· {{ $file }}</span></h1></div>
        <p class="sentence">{{ __('page/shop.restore.it_is_whole') }} @if ($preview->lastReading !== ''){{ __('page/shop.restore.last_reading', ['at' => \Illuminate\Support\Facades\Date::parse($preview->lastReading)->isoFormat('D MMM YYYY HH:mm')]) }}@endif</p>
        <div class="card overflow-x-auto"><table class="log">
            <thead><tr><th scope="col"></th><th scope="col">{{ __('page/shop.restore.now') }}</th><th scope="col">{{ __('page/shop.restore.then') }}</th></tr></thead>
            <tbody>
                @foreach ($preview->counts as $what => $count)
                    <tr><th scope="row">{{ \App\Words\Text::of("screen.shop_counts.{$what}") }}</th><td class="height">{{ $count['now'] }}</td><td class="height">{{ $count['then'] }}</td></tr>
                @endforeach
            </tbody>
        </table></div>
        @if ($preview->goneReadings > 0)<p class="do-next is-over" role="alert">{{ trans_choice('page/shop.restore.readings_gone', $preview->goneReadings) }}</p>@endif
        @if ($preview->gone !== [])
            <section class="card padded" aria-labelledby="gone"><h2 class="text-xl" id="gone">{{ __('page/shop.restore.jobs_gone') }}</h2><ul class="plain-list">@foreach (array_slice($preview->gone, 0, 30) as $title)<li>{{ $title }}</li>@endforeach @if (count($preview->gone) > 30)<li>{{ __('page/shop.restore.and_more', ['more' => count($preview->gone) - 30]) }}</li>@endif</ul></section>
        @endif
        @if ($preview->endedAgain !== [])
            <section class="card padded" aria-labelledby="ended"><h2 class="text-xl" id="ended">{{ __('page/shop.restore.stays_ended') }}</h2><ul class="plain-list">@foreach ($preview->endedAgain as $kind => $many)<li>{{ $stays($kind, $many) }}</li>@endforeach</ul></section>
        @endif
        <form method="post" data-needs-connection action="{{ route('shop.restore') }}" class="card padded">
            @csrf
            <p>{{ __('page/shop.restore.what_happens') }}</p>
            <div class="row-form"><button class="button is-first">{{ __('page/shop.restore.restore_now') }}</button><a class="button" href="{{ route('shop') }}">{{ __('page/shop.restore.leave_it') }}</a></div>
        </form>
    </main>
</x-layout>
