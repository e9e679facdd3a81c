<x-layout :title="__('page/people.account.title')" here="account">
    <main class="yard">
        <div class="yard-head"><h1>{{ $person->name }}</h1><x-shop-tabs on="account" /><a class="button" href="{{ route('tokens') }}">{{ __('page/people.account.tokens') }}</a><form method="post" action="{{ route('sign-out') }}" data-signs-out>@csrf<button class="button">{{ __('page/people.account.sign_out_here') }}</button></form></div>
        @if (session('done'))<p class="do-next is-in-range" role="status">{{ session('done') }}</p>@endif
        <form method="post" action="{{ route('preferences') }}" class="card padded link-form">
            @csrf
            <x-from-here />
            <x-picked name="language" :label="__('page/people.account.language')" :options="\App\Words\LanguageWords::all()" :chosen="$person->language->value" />
            <button class="button">{{ __('page/people.account.set_language') }}</button>
        </form>
        <div class="two-cards">
            <form method="post" action="{{ route('account.password') }}" class="card door" novalidate data-needs-connection>
                @csrf
                <x-from-here />
                <h2 class="text-xl">{{ __('page/people.account.password') }}</h2>
                <x-asked name="password_now" type="password" autocomplete="current-password" :label="__('page/people.account.password_now')" />
                <x-asked name="password" type="password" autocomplete="new-password" :label="__('page/people.account.password_new')" />
                <x-asked name="password_again" type="password" autocomplete="new-password" :label="__('page/people.account.password_again')" />
                @if ($hasPrograms)<label class="tick"><input type="checkbox" name="end_programs" value="1"> {{ __('page/people.account.end_programs') }}</label>@endif
                <button class="button is-first">{{ __('page/people.account.change') }}</button>
            </form>
            <section class="card padded" aria-labelledby="devices">
                <h2 class="text-xl" id="devices">{{ __('page/people.account.signed_in_at') }}</h2>
                <table class="log">
                    <tbody>
                        @foreach ($devices as $device)
                            <tr>
                                <th scope="row">{{ $device->called() }}<br><span class="who">{{ __('page/people.account.since', ['day' => $device->signIn->signed_in_at->isoFormat('D MMM HH:mm'), 'address' => $device->signIn->address]) }}<br>{{ __('page/people.account.seen', ['day' => $device->signIn->seen_at->isoFormat('D MMM HH:mm')]) }}</span></th>
                                <td>@if ($device->isThis){{ __('page/people.account.this_one') }}@else<form method="post" action="{{ route('account.end', $device->signIn->id) }}">@csrf<button class="button is-small" aria-label="{{ __('page/people.account.sign_out_of', ['device' => $device->called()]) }}">{{ __('page/people.account.sign_out') }}</button></form>@endif</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                @if (count($devices) > 1)<form method="post" action="{{ route('account.end-others') }}">@csrf<button class="button">{{ __('page/people.account.everywhere_else') }}</button></form>@endif
            </section>
        </div>
    </main>
</x-layout>
