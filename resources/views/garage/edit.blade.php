<x-layout :title="$model->name ?? 'New '.$part->value" here="garage">
    <main class="part">
        <form method="post" class="part-form" novalidate @if ($model->exists) action="{{ route('garage.update', [$part->value, $model->id]) }}" data-sheet data-preview="{{ route('garage.preview', [$part->value, $model->id]) }}" @else action="{{ route('garage.store', $part->value) }}" @endif>
            @csrf
            <div class="yard-head">
                <h1>{{ $model->exists ? ucfirst($part->value) : 'New '.$part->value }}</h1>
                <span class="saved-at" role="status" data-saved-at>{{ session('saved') }}</span>
                <button class="button is-first">Save specification</button>
            </div>
            @if ($errors->any())
                <p class="do-next is-over" role="alert">{{ $errors->count() === 1 ? 'One field needs' : $errors->count().' fields need' }} another look; everything you typed is still here, and nothing is saved yet.</p>
            @endif
            @foreach ([$part->dimensions(), ...$part->groups()] as $group)
                <fieldset class="card group">
                    <legend>{{ \App\Words\SpecificationWords::group($part, $group->key) }}</legend>
                    <div class="fields">
                        @if ($loop->first)<x-typed name="name" label="Name" :value="old('name', $model->name)" />@endif
                        @foreach ($group->fields as $field)
                            @if ($field->kind === \Yoke\Specification\FieldKind::Choice)
                                <x-picked :name="$field->key" :label="\App\Words\SpecificationWords::label($part, $field->key)" :options="($loop->parent->first ? [] : ['' => 'Not known']) + \App\Words\SpecificationWords::options($part, $field->key)" :chosen="$form->shown($field)" />
                            @else
                                <x-typed :name="$field->key" :label="\App\Words\SpecificationWords::label($part, $field->key)" :value="old($field->key, $form->shown($field))" :hint="\App\Words\SpecificationWords::hint($part, $field->key)" inputmode="text" />
                            @endif
                        @endforeach
                    </div>
                </fieldset>
            @endforeach
        </form>
        <aside class="part-plan card" aria-label="Plan" data-part="plan">@include('garage.plan')</aside>
    </main>
</x-layout>
