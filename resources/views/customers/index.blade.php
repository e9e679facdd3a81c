<x-layout :title="__('page/customers.index.customers')" here="log">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/customers.index.customers') }}</h1>
            <form method="get" action="{{ route('customers') }}" class="find"><label class="sr-only" for="find">{{ __('page/customers.index.find') }}</label><input id="find" name="find" value="{{ $find }}" placeholder="{{ __('page/customers.index.find') }}" autocomplete="off"> <button class="button is-small">{{ __('page/customers.index.search') }}</button></form>
            @can('work')<a class="button" href="{{ route('customers.create') }}">{{ __('page/customers.index.new') }}</a>@endcan
        </div>
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        @if ($customers->isEmpty())
            <div class="card empty"><p>{{ __('page/customers.index.nobody') }}</p></div>
        @else
            <section class="card wide-table"><table class="log">
                <thead><tr><th scope="col">{{ __('page/customers.index.name') }}</th><th scope="col">{{ __('page/customers.index.phone') }}</th><th scope="col">{{ __('page/customers.index.rigs') }}</th></tr></thead>
                @foreach ($customers as $customer)<tr><th scope="row"><a class="name-link" href="{{ route('customers.edit', $customer) }}">{{ $customer->name }}</a></th><td>{{ $customer->phone }}</td><td>{{ $customer->rigs->map->title()->implode('; ') }}</td></tr>@endforeach
            </table></section>
        @endif
    </main>
</x-layout>
