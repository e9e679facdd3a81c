@php($customer = $rig->customer)
<section class="card rig-customer" aria-label="{{ __('page/customers.rig.customer') }}">
    <h2>{{ __('page/customers.rig.customer') }}</h2>
    @if ($customer)<p><a class="name-link" href="{{ route('customers.edit', $customer) }}">{{ $customer->name }}</a> {{ $customer->phone }}</p>@endif
    @can('work')
        <form method="post" action="{{ route('customers.assign', $rig) }}" class="acts">@csrf
            <label class="sr-only" for="customer">{{ __('page/customers.rig.customer') }}</label>
            <select id="customer" name="customer"><option value="">{{ __('page/customers.rig.nobody') }}</option>@foreach (\App\Models\Customer::query()->orderBy('name')->limit(200)->pluck('name', 'id') as $id => $name)<option value="{{ $id }}" @selected($id === $rig->customer_id)>{{ $name }}</option>@endforeach</select>
            <button class="button is-small">{{ __('page/customers.rig.save') }}</button>
            <a class="button is-small" href="{{ route('customers.create', ['rig' => $rig->id]) }}">{{ __('page/customers.rig.add') }}</a>
        </form>
    @endcan
</section>
