package belonax.room;

import belonax.alone.TestRoom;
import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Inherited;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.TestExecutionListeners;
import org.springframework.test.context.TestExecutionListeners.MergeMode;

/** The room alone with the demo's data, opened once for all tests that ask for it; after each test it is as it was. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Inherited
@Documented
@SpringBootTest(classes = TestRoom.class)
@ActiveProfiles({"test", "demo"})
@TestExecutionListeners(listeners = RoomAsItWas.class, mergeMode = MergeMode.MERGE_WITH_DEFAULTS)
public @interface InTheDemoRoom {}
