<x-layout :title="__('page/people.role.title')">
    <main class="doorway is-single">
        <form method="post" action="{{ route('role.say') }}" class="card door" novalidate data-needs-connection>
            @csrf
            <x-from-here />
            <h1 class="text-2xl">{{ __('page/people.role.title') }}</h1>
            <p>{{ __('page/people.role.why', ['name' => $person->name]) }}</p>
            @foreach (['fitter' => __('page/people.role.fitter'), 'desk' => __('page/people.role.desk'), 'owner' => __('page/people.role.owner')] as $role => $is)
                <label class="tick"><input type="radio" name="role" value="{{ $role }}"> <span>{{ $is }}@if ($role === 'owner') {{ $hasOwner ? __('page/people.role.confirmed_by') : __('page/people.role.first') }}@endif</span></label>
            @endforeach
            @error('role')<p class="sentence" data-tone="stop" role="alert">{{ $message }}</p>@enderror
            <button class="button is-first">{{ __('page/people.role.save') }}</button>
        </form>
    </main>
</x-layout>
