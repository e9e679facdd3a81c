<x-layout :title="__('page/people.tokens.title')" here="account">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/people.tokens.title') }}</h1><x-shop-tabs on="account" /></div>
        <p class="sentence">{{ __('page/people.tokens.lead') }} <a href="{{ route('api.document') }}">{{ __('page/people.tokens.document') }}</a></p>
        @if (session('token'))<section class="card customer-form" role="status"><p>{{ __('page/people.tokens.once') }}</p><output class="secret" aria-label="{{ __('page/people.tokens.token') }}">{{ session('token') }}</output></section>@endif
        @error('made')<p class="do-next is-over" role="alert">{{ $message }}</p>@enderror
        <form method="post" action="{{ route('tokens.make') }}" class="card customer-form" data-needs-connection novalidate>
            @csrf
            <x-typed name="name" :label="__('page/people.tokens.name')" :hint="__('page/people.tokens.name_hint')" />
            <fieldset><legend>{{ __('page/people.tokens.rights') }}</legend>@foreach ($rights as $right)<label class="tick"><input type="checkbox" name="rights[]" value="{{ $right->value }}"> <span>{{ __('api.right.'.$right->value) }}</span></label>@endforeach</fieldset>
            @error('rights')<p class="sentence" data-tone="stop" role="alert">{{ $message }}</p>@enderror
            <div class="field"><label for="days">{{ __('page/people.tokens.ends') }}</label><select id="days" name="days">@foreach ($days as $many)<option value="{{ $many }}" @selected($loop->last)>{{ trans_choice('page/people.tokens.days', $many, ['count' => $many]) }}</option>@endforeach</select></div>
            <x-asked name="password_now" type="password" autocomplete="current-password" :label="__('page/people.tokens.password_now')" />
            <button class="button is-first">{{ __('page/people.tokens.make') }}</button>
        </form>
        @foreach (['own' => $tokens, 'others' => $others] as $of => $listed)
            @if ($listed !== [])
                <section class="card wide-table" @if ($of === 'others') aria-labelledby="others" @endif>
                    @if ($of === 'others')<h2 class="text-xl padded" id="others">{{ __('page/people.tokens.everybodys') }}</h2>@endif
                    <table class="log">
                        <thead><tr><th scope="col">{{ __('page/people.tokens.name') }}</th>@if ($of === 'others')<th scope="col">{{ __('page/people.tokens.whose') }}</th>@endif<th scope="col">{{ __('page/people.tokens.rights') }}</th><th scope="col">{{ __('page/people.tokens.until') }}</th><th scope="col">{{ __('page/people.tokens.used') }}</th><th></th></tr></thead>
                        @foreach ($listed as $token)
                            <tr><th scope="row">{{ $token->name }}</th>@if ($of === 'others')<td>{{ $token->user->name }}</td>@endif<td>{{ implode(', ', array_map(fn ($right) => __('api.right.'.$right), $token->rights)) }}</td><td>{{ $token->ends_at->isoFormat('ll') }}</td><td>{{ $token->used_at?->isoFormat('lll') ?? '–' }}</td>
                                <td>@if ($token->isOpen())<form method="post" action="{{ route('tokens.revoke', $token->id) }}">@csrf<button class="button is-small" aria-label="{{ __('page/people.tokens.revoke_one', ['name' => $token->name]) }}">{{ __('page/people.tokens.revoke') }}</button></form>@else{{ __('page/people.tokens.ended') }}@endif</td></tr>
                        @endforeach
                    </table>
                </section>
            @endif
        @endforeach
    </main>
</x-layout>
