<x-layout :title="$customer->exists ? $customer->name : __('page/customers.edit.new')" here="log">
    <main class="yard">
        <div class="yard-head"><h1>{{ $customer->exists ? $customer->name : __('page/customers.edit.new') }}</h1></div>
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        <form method="post" action="{{ $customer->exists ? route('customers.update', $customer) : route('customers.store') }}" class="card customer-form" novalidate>
            @csrf
            @if ($rig)<input type="hidden" name="rig" value="{{ $rig->id }}"><p class="sentence">{{ __('page/customers.edit.for_rig', ['rig' => $rig->title()]) }}</p>@endif
            <x-typed name="name" :label="__('page/customers.edit.name')" :value="old('name', $customer->name)" />
            <x-typed name="phone" :label="__('page/customers.edit.phone')" :value="old('phone', $customer->phone)" inputmode="tel" />
            <x-typed name="mail" :label="__('page/customers.edit.mail')" :value="old('mail', $customer->mail)" inputmode="email" />
            @if ($customer->agreed_at)<input type="hidden" name="agreed" value="1"><p class="who">{{ __('page/customers.edit.agreed_on', ['on' => $customer->agreed_at->isoFormat('ll'), 'person' => $customer->agreedWith?->name]) }}</p>
            @else<label class="tick"><input type="checkbox" name="agreed" value="1" @checked(old('agreed') === '1')> <span>{{ __('page/customers.edit.agreed') }}</span></label>@error('agreed')<p class="sentence" data-tone="stop" role="alert">{{ $message }}</p>@enderror @endif
            @can('work')<button class="button is-first">{{ __('page/customers.edit.save') }}</button>@endcan
        </form>
        @if ($customer->exists)
            <section class="card customer-form" aria-label="{{ __('page/customers.edit.rigs') }}"><h2>{{ __('page/customers.edit.rigs') }}</h2>@foreach ($customer->rigs as $one)<p><a class="name-link" href="{{ route('log.rig', $one) }}">{{ $one->title() }}</a></p>@endforeach</section>
            @can('own')
                <section class="card customer-form" aria-label="{{ __('page/customers.edit.their_data') }}"><h2>{{ __('page/customers.edit.their_data') }}</h2>
                    <a class="button" href="{{ route('customers.file', $customer) }}">{{ __('page/customers.edit.export') }}</a>
                    <form method="post" action="{{ route('customers.erase', $customer) }}" data-needs-connection>@csrf
                        <p class="sentence">{{ __('page/customers.edit.erase_lead') }}</p>
                        <label class="tick"><input type="checkbox" name="sure" value="1"> <span>{{ __('page/customers.edit.sure') }}</span></label>
                        @error('sure')<p class="sentence" data-tone="stop" role="alert">{{ $message }}</p>@enderror
                        <button class="button">{{ __('page/customers.edit.erase') }}</button>
                    </form>
                </section>
            @endcan
        @endif
    </main>
</x-layout>
